export * from './outOfDateToday';
