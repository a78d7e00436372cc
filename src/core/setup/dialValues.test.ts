import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PLAIN_MACHINE } from '../kit';
import { type Dial, dialOf, DIALS, dialValues, setupSchema, turnDial, withDial, withPart } from '.';
import { plainSetup } from './plainSetup.testing';

const zigzag = plainSetup({ needle: { point: 'ballpoint', nm: 75 }, stitch: 'zigzag', widthMm: 2 });

describe('turning a dial', () => {
  it('goes through every mark from one end to the other and back', () => {
    for (const dial of DIALS) {
      const values = dialValues(PLAIN_MACHINE, zigzag, dial);
      let now = withDial(zigzag, dial, values[0]);
      const seen = [dialOf(now, dial)];
      for (let next = turnDial(PLAIN_MACHINE, now, dial, 0.1); next; next = turnDial(PLAIN_MACHINE, now, dial, 0.1)) {
        now = next;
        seen.push(dialOf(now, dial));
      }
      expect(seen).toEqual(values);
      expect(turnDial(PLAIN_MACHINE, now, dial, 0.1)).toBeNull();
      expect(dialOf(turnDial(PLAIN_MACHINE, now, dial, -0.1)!, dial)).toBe(values.at(-2));
    }
  });

  it('always makes a setting that is well formed', () => {
    fc.assert(
      fc.property(fc.constantFrom(...DIALS), fc.constantFrom(-0.5, -0.1, 0.1, 0.5), (dial: Dial, by) => {
        const next = turnDial(PLAIN_MACHINE, zigzag, dial, by);
        expect(next && setupSchema.safeParse(next).success).toBe(true);
      }),
    );
  });

  it('a fixed pressure has one place, a straight stitch no width, a dial of whole steps no halves', () => {
    expect(dialValues({ ...PLAIN_MACHINE, pressureDial: null }, zigzag, 'pressure')).toEqual([0.5]);
    expect(dialValues(PLAIN_MACHINE, { stitch: 'straight' }, 'width')).toEqual([]);
    const whole = { ...PLAIN_MACHINE, tensionDial: { min: 1, max: 5, normal: 3, step: 1 } };
    expect(dialValues(whole, zigzag, 'tension')).toEqual([-2, -1, 0, 1, 2]);
  });
});

describe('exchanging a part', () => {
  it('a line loses its width, the bobbin follows the thread, a side foot takes its needle position along', () => {
    expect(withPart(zigzag, 'stitch', 'straight')).toMatchObject({ stitch: 'straight', widthMm: 0 });
    expect(withPart(withPart(zigzag, 'stitch', 'straight'), 'stitch', 'zigzag').widthMm).toBeGreaterThan(0);
    const cotton = { fibre: 'cotton', tex: 30 } as const;
    expect(withPart(zigzag, 'thread', cotton)).toMatchObject({ thread: cotton, bobbin: cotton });
    const [thick, usual] = [60, 27].map((tex) => ({ fibre: 'polyester' as const, tex }));
    expect(withPart(zigzag, 'thread', thick, { threads: [thick, usual] })).toMatchObject({ bobbin: usual });
    const zip = { ...zigzag, foot: 'zip' as const, footSide: 'left' as const, needlePositionMm: 2 };
    expect(withPart(zip, 'foot', 'standard')).toMatchObject({ foot: 'standard', needlePositionMm: 0 });
    expect(withPart(zip, 'foot', 'standard').footSide).toBeUndefined();
  });
});
