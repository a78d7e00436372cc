export { WordsPage } from './WordsPage';
