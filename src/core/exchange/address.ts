import * as z from 'zod';

const addressSchema = z.url({ protocol: /^https$/ }).max(200);

/**
 * Where a person's Bobbet is on the web, as they type it.
 *
 * @returns the address without a slash at its end; empty for nothing typed; null when it is no address with https
 *
 * @example readBobbetAddress(' https://sewing.example/ ') // 'https://sewing.example'
 */
export function readBobbetAddress(text: string): string | null {
  const typed = text.trim();
  if (typed === '') return '';
  if (!addressSchema.safeParse(typed).success) return null;
  const { origin, pathname, username, search, hash } = new URL(typed);
  // A name and a password, or a query, would travel with every link.
  if (username !== '' || search !== '' || hash !== '') return null;
  return `${origin}${pathname}`.replace(/\/+$/, '');
}
