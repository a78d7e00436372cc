export { deleteSetAside, putAside, putBack, repair, type Repaired } from './repair';
export { watchWrong } from './watch';
