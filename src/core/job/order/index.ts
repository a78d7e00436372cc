export type { ScheduleChange } from './changes';
export * from './costs';
export * from './cycle';
export * from './optimalityGap';
export * from './input';
export { MACHINE_PARTS, type MachinePart } from './model';
export * from './schedule';
export * from './weigh';
