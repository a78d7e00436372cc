export type { Wrong } from './find';
export { deleteSetAside, putAside, putBack, repair, type Repaired } from './repair';
export { followWrong, watchWrong, wrongNow } from './watch';
