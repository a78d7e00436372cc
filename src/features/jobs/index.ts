export { LazyJobsStation as JobsStation } from './LazyJobsStation';
