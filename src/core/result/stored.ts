import * as z from 'zod';
import { words } from './fields';

/** A moment, as ISO 8601 text in UTC. */
export const momentSchema = z.iso.datetime({
  error: 'expected a date and time such as 2026-03-01T10:00:00Z',
});

/** A key of a stored thing. */
export const idSchema = words('a key', 80);
