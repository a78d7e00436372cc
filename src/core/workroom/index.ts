export * from './bar';
export * from './cards';
export * from './edits';
export * from './firstKit';
export * from './run';
export * from './test';
