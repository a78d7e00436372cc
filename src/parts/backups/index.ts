export { downloadWorkroom } from './downloadWorkroom';
export { keepBackups } from './keepBackups';
