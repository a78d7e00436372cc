export { useMachineBar } from './useMachineBar';
export { MachineBar } from './MachineBar';
