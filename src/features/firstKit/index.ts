export { FirstKit } from './FirstKit';
