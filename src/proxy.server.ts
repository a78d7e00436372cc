import { type NextRequest, NextResponse } from 'next/server';

/** Other names of this machine. A browser keeps what is stored apart by name, so that work would be in one of two places. */
const OTHER_NAMES = /^(127\.0\.0\.1|\[::1\]|0\.0\.0\.0)(?=:|$)/;

/**
 * One address for one workroom: a numeric address is redirected to the name.
 *
 * A redirect from here is made relative when both are the same machine, and would lead back to the number for ever; a
 * route of its own answers instead.
 */
export function proxy(request: NextRequest): NextResponse {
  const host = request.headers.get('host') ?? '';
  if (!OTHER_NAMES.test(host)) return NextResponse.next();
  const { pathname, search } = request.nextUrl;
  const to = `http://${host.replace(OTHER_NAMES, 'localhost')}${pathname}${search}`;
  const headers = new Headers(request.headers);
  headers.set('x-bobbet-address', to);
  return NextResponse.rewrite(new URL('/one-address', request.url), { request: { headers } });
}

export const config = { matcher: ['/((?!_next/).*)'] };
