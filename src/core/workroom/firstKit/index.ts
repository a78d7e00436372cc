export * from './firstKit';
