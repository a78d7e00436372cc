import { momentNow } from './clock';
import { deviceId } from './device';

/** Id and moment of what is added to an amount now: what one device adds on one day is one entry. */
export function amountId(): { id: string; at: string } {
  const at = momentNow();
  return { id: `${at.slice(0, 10)}-${deviceId()}`, at };
}
