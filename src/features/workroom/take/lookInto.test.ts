import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { cardAsText, CHANGES_FORMAT } from '@/core/exchange';
import { readWorkroom } from '@/core/file';
import { exportChanges } from '@/data/changes';
import { packText, unpackText } from '@/data/packedText';
import { withTextBox } from '@/data/textBox.testing';
import { exportThing } from '@/data/thingFile';
import { exportText, importWorkroom } from '@/data/workroomFile';
import { lookInto } from './lookInto';

withTextBox();

const now = new Date('2026-12-01T10:00:00Z');
const read = readWorkroom(readFileSync(path.join(import.meta.dirname, '../../../../demo/tansy-wren.json'), 'utf8'));
if (!read.ok) throw new Error(read.error.path);
const { workroom } = read;

/** A place in a text, another for each number. */
const place = (text: string, i: number) => 1 + ((i * 7919) % (text.length - 2));

/** Ways to break a JSON file for certain. */
const BREAKS: readonly ((text: string, i: number) => string)[] = [
  (text, i) => text.slice(0, place(text.trimEnd(), i)),
  (text, i) => text.replace(/"version": ?\d/, `"version":${i + 10}`),
  (text, i) => text.replace(/"exportedAt": ?"/, `"exportedAt":"on day ${i} `),
  (text, i) => text.replace('{', `{"unknown ${i}":1,`),
  (text, i) => `${text}${'}]'[i % 2]}`,
];

describe('own: two thousand broken links, texts and files', () => {
  it('are refused in one line each, and nothing is changed', async () => {
    await importWorkroom({ workroom }, 'replace');
    const card = (await exportThing('card', workroom.cards[0].id, now))!;
    const scrap = (await exportThing('scrap', workroom.swatches[0].id, now))!;
    const changes = await exportChanges(now, true);
    expect(JSON.parse(changes)).toMatchObject({ format: CHANGES_FORMAT });
    const before = await exportText(now);
    const text = cardAsText(workroom.cards[0]);
    const lines = text.trimEnd().split('\n');
    const needed = lines.flatMap((line, i) =>
      /^(Fabric|Seam|Needle|Thread|Foot|Plate|Stitch|Length|Tension|Pressure):/.test(line) ? [i] : [],
    );
    const link = packText(text);

    let refused = 0;
    for (let i = 0; i < 2000; i += 1) {
      const kind = i % 5;
      if (kind === 0) {
        expect(unpackText(link.slice(0, place(link, i)))).toBeNull();
        refused += 1;
        continue;
      }
      const at = needed[i % needed.length];
      const garbled = lines.map((line, n) => (n === at ? line.replace(/: .*/, `: ??? ${i}`) : line));
      const broken =
        kind === 1
          ? (i % 2 ? garbled : lines.filter((_, n) => n !== at)).join('\n')
          : BREAKS[Math.floor(i / 5) % BREAKS.length]([card, scrap, changes][kind - 2], i);
      const found = await lookInto(broken, 'it', now);
      const error = found.kind !== 'changes' && !found.read.ok ? found.read.error : null;
      expect(error, broken.slice(0, 120)).not.toBeNull();
      const said = `${error!.path}: ${error!.message}`;
      expect(said).not.toMatch(/\n|undefined|\[object/);
      expect(said.length).toBeLessThan(400);
      refused += 1;
    }
    expect(refused).toBe(2000);
    expect(await exportText(now)).toBe(before);
  });
});
