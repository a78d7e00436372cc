import { readFile } from 'node:fs/promises';
import path from 'node:path';

export const dynamic = 'force-static';

/** The demo workroom: an exported file like any other. */
export async function GET() {
  const text = await readFile(path.join(process.cwd(), 'demo', 'tansy-wren.json'), 'utf8');
  return new Response(text, { headers: { 'content-type': 'application/json' } });
}
