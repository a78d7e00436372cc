export { buildNow, followBuild, keepOnDevice, takeNewBuild } from './build';
export { awaitInstall, canInstall, followInstall, install, isInstalled } from './install';
export {
  ABILITIES,
  abilities,
  type Ability,
  browserFacts,
  type RunningWay,
  runningWay,
  type Standing,
} from './running';
export { BUILD_TEXT } from './text';
