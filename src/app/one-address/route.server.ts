export const dynamic = 'force-dynamic';

/** Redirects a numeric address of this machine to its name, where the work is stored. */
export function GET(request: Request) {
  const to = request.headers.get('x-bobbet-address') ?? '';
  const location = /^http:\/\/localhost(:\d+)?\//.test(to) ? to : '/';
  return new Response(null, { status: 307, headers: { location } });
}
