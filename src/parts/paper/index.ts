export { Paper } from './Paper';
