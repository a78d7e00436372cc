export * from './bar';
export * from './cards';
export * from './checkUp';
export * from './edits';
export * from './firstKit';
export * from './run';
export * from './test';
