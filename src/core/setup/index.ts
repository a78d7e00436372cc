export * from './setupChanges';
export * from './operation';
export * from './operations';
export * from './requiredGive';
export * from './setup';
export * from './dialValues';
export * from './withPart';
export * from './schools';
