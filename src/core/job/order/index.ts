export type { ScheduleChange } from './changes';
export * from './costs';
export * from './cycle';
export * from './gap';
export * from './input';
export { PARTS, type Part } from './model';
export * from './schedule';
export * from './weigh';
