export * from './changes';
export * from './operations';
export * from './requiredGive';
export * from './setup';
