export { Diagnosis } from './Diagnosis';
export { threadQuality } from './threadQuality';
