export { type JobNow, useJobNow } from './useJobNow';
export { useWorkActions } from './useWorkActions';
