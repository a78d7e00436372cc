import { describe, expect, it } from 'vitest';
import { seamContext } from '../physics';
import { plainSetup } from '../setup/plainSetup.testing';
import { allSigns, findingsOf, measuredSigns, signsToLookFor } from '.';

const jersey = { structure: 'knit' as const, family: 'jersey' as const, traits: [], stretchAcross: 50 };
const seam = seamContext(jersey, { kind: 'join' });
const of = (measures: object) => measuredSigns(seam, { measures: { markedMm: 100, ...measures } });

describe('a line that was measured shows its faults by itself', () => {
  it('nothing, while nothing was measured or all is as it may be', () =>
    expect([of({}), of({ afterMm: 102, shiftMm: 1, poppedAtMm: 128 })]).toEqual([[], []]));
  it('longer than it may be is wavy, and bad from twice that', () =>
    expect([of({ afterMm: 103 }), of({ afterMm: 104 })]).toEqual([
      [{ sign: 'wavy', severity: 2 }],
      [{ sign: 'wavy', severity: 3 }],
    ]));
  it('a top layer ahead is as uneven as one behind', () =>
    expect([of({ shiftMm: 1.5 }), of({ shiftMm: -1.5 }), of({ shiftMm: 2 })]).toEqual([
      [{ sign: 'uneven-layers', severity: 2 }],
      [{ sign: 'uneven-layers', severity: 2 }],
      [{ sign: 'uneven-layers', severity: 3 }],
    ]));
  it('on a longer line the layers may lie further apart', () =>
    expect([of({ markedMm: 300, shiftMm: 2 }), of({ markedMm: 300, shiftMm: 3 })]).toEqual([
      [],
      [{ sign: 'uneven-layers', severity: 2 }],
    ]));
  it('a low grade is puckers, a high ridge between rows a tunnel', () =>
    expect([of({ pucker: 3.5, ridgeMm: 0.5 }), of({ pucker: 3 }), of({ pucker: 2 }), of({ ridgeMm: 1.2 })]).toEqual([
      [],
      [{ sign: 'pucker-line', severity: 2 }],
      [{ sign: 'pucker-line', severity: 3 }],
      [{ sign: 'tunnel', severity: 3 }],
    ]));
  it('popped before the give it needs is popped', () =>
    expect([of({ poppedAtMm: 120 }), of({ poppedAtMm: 110 })]).toEqual([
      [{ sign: 'popped', severity: 2 }],
      [{ sign: 'popped', severity: 3 }],
    ]));
  it('held that far is no fault', () => expect(of({ heldToMm: 110 })).toEqual([]));
  it('of what is seen and what is measured the worse counts', () => {
    const line = { measures: { markedMm: 100, afterMm: 104 }, findings: [{ sign: 'wavy' as const, severity: 1 }] };
    expect(allSigns(seam, line)).toEqual([{ sign: 'wavy', severity: 3 }]);
  });
});

describe('what a line says for a diagnosis', () => {
  const setup = plainSetup({ needle: { point: 'ballpoint', nm: 75 }, stitch: 'zigzag', widthMm: 2 });
  const told = (looked: boolean) =>
    findingsOf(seam, { setup, looked, measures: { markedMm: 100 }, findings: [{ sign: 'skipped', severity: 2 }] });

  it('once somebody looked, the usual signs that are not there are told as looked for and absent', () => {
    expect(
      told(true)
        .filter((f) => f.severity === 0)
        .map((f) => f.sign),
    ).toEqual(signsToLookFor(seam, setup).usual.filter((sign) => sign !== 'skipped'));
    expect(told(true)[0]).toEqual({ sign: 'skipped', severity: 2 });
  });
  it('nobody looked: nothing is said to be absent', () =>
    expect(told(false)).toEqual([{ sign: 'skipped', severity: 2 }]));
});
