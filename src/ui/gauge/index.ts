export * from './Drawings';
export { ScaleCard } from './ScaleCard';
export { TraceBoard } from './TraceBoard';
