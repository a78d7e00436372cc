export { CheckUp } from './CheckUp';
