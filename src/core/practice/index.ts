export * from './standIn';
export * from './standIns';
