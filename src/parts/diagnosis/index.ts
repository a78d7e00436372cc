export { Diagnosis } from './Diagnosis';
