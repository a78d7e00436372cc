export { deleteSetAside, putAside, putBack, repair, type Repaired } from './repair';
export { watchDamage } from './watch';
