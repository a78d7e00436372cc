export { MachineBar } from './MachineBar';
