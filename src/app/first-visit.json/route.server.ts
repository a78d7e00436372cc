export const dynamic = 'force-dynamic';

/** How a first visit opens: the demo workroom, or an empty one when the server was started with `--empty`. */
export function GET() {
  return Response.json({ start: process.env.BOBBET_EMPTY === '1' ? 'empty' : 'demo' });
}
