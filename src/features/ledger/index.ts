export { LedgerStation } from './LedgerStation';
