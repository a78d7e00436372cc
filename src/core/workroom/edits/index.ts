export * from './recordChange';
export * from './describe';
export * from './stamped';
export * from './takeBack';
export * from './words';
export * from './mend';
export * from './placeholder';
