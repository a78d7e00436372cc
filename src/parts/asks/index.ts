export { AskField } from './AskField';
