export * from './standIn';
