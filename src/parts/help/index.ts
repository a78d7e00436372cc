export { HelpButton } from './HelpButton';
