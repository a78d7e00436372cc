export { Dependence } from './Dependence';
