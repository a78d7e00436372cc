import { type Card, cardSchema } from '../card';
import { PLAIN_MACHINE } from '../kit';
import { firstFieldError } from '../result';
import { CARD_LINES, type SaidCard } from './cardLines';
import { idFromText, shortCode } from './code';

const HEAD = 'Bobbet settings card';
/** More than a card can have; what is longer is no card. */
const MOST_LETTERS = 20_000;

/**
 * A card as a few plain lines: a person can read them, send them in any message, and paste them back.
 *
 * Dials are said from the machine's normal, so that the lines hold on any machine.
 *
 * @param card - the card; where its scrap is kept, its photo and its machine's dials are not told
 */
export function cardAsText(card: Card): string {
  const lines = CARD_LINES.flatMap(({ name, write }) => {
    const said = write(card);
    return said ? [`${name}: ${said}`] : [];
  });
  const name = card.name.replace(/\s+/g, ' ').trim();
  return [`${HEAD} ${shortCode(card.id)}: ${name}`, ...lines, ...(card.simulated ? ['Simulated: yes'] : []), ''].join(
    '\n',
  );
}

/** A card that was read from text, or the line that is wrong. */
export type ReadCard = { ok: true; card: Card } | { ok: false; line: string; expected: string };

/**
 * Reads such lines, with whatever a message has put before and after them.
 *
 * @param text - lines in any order, quoted or not
 * @param now - for a card that does not say when it passed, ISO text
 * @returns a card of another machine, which proves nothing on this one; or the line that is missing or wrong
 */
export function readCardText(text: string, now: string): ReadCard {
  const wrong = (line: string, expected: string): ReadCard => ({ ok: false, line, expected });
  if (text.length > MOST_LETTERS) return wrong('text', 'a settings card has a few lines; this is far longer');
  const lines = text.split(/\r?\n|\r/).map((line) => line.replace(/^[\s>*•|-]+/, '').trim());
  const head = lines.findIndex((line) => line.toLowerCase().startsWith(HEAD.toLowerCase()));
  if (head < 0) return wrong('text', `expected a line that begins with “${HEAD}”`);
  const said: SaidCard = { setup: {}, measures: {} };
  const seen = new Set<string>();
  for (const line of lines.slice(head + 1)) {
    const at = line.indexOf(':');
    const row = CARD_LINES.find(({ name }) => name.toLowerCase() === line.slice(0, at).trim().toLowerCase());
    if (at < 1 || !row || seen.has(row.name)) continue;
    if (!row.read(line.slice(at + 1).trim(), said)) return wrong(row.name, `expected something like “${row.like}”`);
    seen.add(row.name);
  }
  const missing = CARD_LINES.find(({ name, needed }) => needed && !seen.has(name));
  if (missing) return wrong(missing.name, `the line “${missing.name}: ${missing.like}” is missing`);
  const name = lines[head]
    .slice(HEAD.length)
    .replace(/^\s*\w*\s*:\s*/, '')
    .trim();
  return assembled(said, { name, now, simulated: lines.some((line) => /^simulated:\s*yes$/i.test(line)) });
}

function assembled(
  said: SaidCard,
  { name, now, simulated }: { name: string; now: string; simulated: boolean },
): ReadCard {
  const passedAt = said.passedAt ?? now;
  const machineName = said.machineName || 'another machine';
  const id = idFromText(JSON.stringify([name, said]));
  const card = {
    id: `card-${id}`,
    name: name.slice(0, 120) || 'Settings card',
    passedAt,
    clothId: `cloth-${id}`,
    cloth: { ...said.cloth, name: said.cloth?.name ?? clothName(name) },
    operation: said.operation,
    machineId: `machine-${idFromText(machineName)}`,
    machine: { ...PLAIN_MACHINE, name: machineName },
    setup: { widthMm: 0, ...said.setup },
    measures: said.measures,
    lineId: `line-${id}`,
    notes: (said.notes ?? '').slice(0, 2000),
    simulated,
  };
  const checked = cardSchema.safeParse(card);
  if (checked.success) return { ok: true, card: checked.data };
  const { path, message } = firstFieldError(checked.error, card);
  return { ok: false, line: path, expected: message };
}

/** What the fabric is called, from a card's name such as “Merino, navy: plain seam”. */
const clothName = (name: string) =>
  name
    .replace(/:[^:]*$/, '')
    .trim()
    .slice(0, 60) || undefined;
