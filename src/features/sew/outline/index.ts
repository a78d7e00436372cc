export { OutlineAsk } from './OutlineAsk';
