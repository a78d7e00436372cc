export * from './input';
export * from './quirks';
export * from './sew';
