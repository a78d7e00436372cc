export const dynamic = 'force-static';

/** How a first visit opens where no server runs: as the folder was exported, with the demo workroom or an empty one. */
export function GET() {
  return Response.json({ start: process.env.BOBBET_EMPTY === '1' ? 'empty' : 'demo' });
}
