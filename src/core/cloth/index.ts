export * from './cloth';
export * from './families';
export * from './mass';
export * from './profile';
export * from './rigidity';
export * from './shrink';
export * from './stretch';
export * from './words';
