export * from './blocked';
export * from './fieldError';
export * from './fields';
export * from './provenance';
export * from './reason';
export * from './stored';
