export { Diagnosis } from './Diagnosis';
export { threadQuality } from './threadQuality';
export { RescueWays } from './RescueWays';
