import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readWorkroom } from '@/core/file';
import { withTextBox } from '../textBox.testing';
import { goThrough, goThroughFull, type Sequence, sequences } from './sequences.testing';

const read = readWorkroom(readFileSync(path.join(import.meta.dirname, '../../../demo/tansy-wren.json'), 'utf8'));
if (!read.ok) throw new Error(read.error.path);
const demo = read.workroom;

withTextBox();

describe('whatever is pressed', () => {
  it.each<[string, Sequence]>([
    [
      'a line deleted, its swatch deleted, the first undone',
      [
        ['deleteLine', 0, 0],
        ['deleteScrap', 0, 0],
        ['undoOlder', 0, 0],
      ],
    ],
    [
      'a swatch deleted, its fabric deleted, the swatch undone',
      [
        ['deleteScrap', 0, 0],
        ['deleteCloth', 0, 0],
        ['undoOlder', 0, 0],
      ],
    ],
    [
      'fabrics imported, a swatch started on one, the import undone',
      [
        ['csvCloths', 1, 0],
        ['startScrap', 0, 0],
        ['undoOlder', 0, 0],
      ],
    ],
    [
      'emptied and brought back with a damaged record in it',
      [
        ['damage', 0, 0],
        ['empty', 0, 0],
        ['undo', 0, 0],
      ],
    ],
    [
      'a needle added, put in, and the adding undone',
      [
        ['mergeFile', 0, 0],
        ['putNeedleIn', 2, 0],
        ['undoOlder', 0, 0],
      ],
    ],
    [
      'an older change in a fabric that is damaged, undone once the damage is',
      [
        ['clothPhoto', 0, 1],
        ['damage', 0, 0],
        ['undoOlder', 0, 0],
      ],
    ],
  ])('nothing is lost: %s', async (_, sequence) => expect(await goThrough(demo, sequence)).toBeNull());

  it('links hold, the export reads back, and undoing everything leads back to the beginning', async () => {
    await fc.assert(
      fc.asyncProperty(sequences, async (sequence) => {
        const wrong = await goThrough(demo, sequence);
        if (wrong !== null) throw new Error(wrong);
      }),
      { numRuns: 60, seed: 20261128, endOnFailure: false },
    );
  });

  it('what a full disk refuses changes nothing and is not claimed to be done', async () => {
    let left = -1;
    let refused = 0;
    const plain = IDBObjectStore.prototype.put;
    const refuse = function (this: IDBObjectStore, ...given: Parameters<typeof plain>) {
      left -= 1;
      if (left === -1) {
        refused += 1;
        throw new DOMException('full', 'QuotaExceededError');
      }
      return plain.apply(this, given);
    };
    IDBObjectStore.prototype.put = refuse;
    const refusing = { after: (writes: number) => void (left = writes), stop: () => void (left = -2) };
    try {
      refusing.stop();
      for (const sequence of fc.sample(sequences, { numRuns: 25, seed: 5 })) {
        expect(await goThroughFull(demo, sequence, refusing), JSON.stringify(sequence)).toBeNull();
      }
      expect(refused).toBeGreaterThan(20);
    } finally {
      IDBObjectStore.prototype.put = plain;
    }
  });
});
