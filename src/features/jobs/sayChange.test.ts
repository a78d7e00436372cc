import { describe, expect, it } from 'vitest';
import { PLAIN_MACHINE } from '@/core/kit';
import { plainSetup } from '@/core/setup/plainSetup.testing';
import { isDial, sayChange } from './sayChange';

const setup = plainSetup({ lengthMm: 2.8, tensionSteps: 1, pressure: 1 });
const change = (part: string, to: unknown) => ({ before: 'seam', change: part, to });

describe('a change in words', () => {
  it('says dials as they stand on the machine, not as the sums have them', () => {
    const machine = { ...PLAIN_MACHINE, tensionDial: { min: 0, max: 9, normal: 4.5, step: 0.5 } };
    expect(sayChange(change('tensionSteps', 1), setup, machine)).toEqual({ part: 'tension', becomes: '5.5 of 9' });
    expect(sayChange(change('lengthMm', 2.8), setup, machine)).toEqual({ part: 'length', becomes: '2.8 mm' });
    expect(sayChange(change('widthMm', 0), setup, machine)).toEqual({ part: 'width', becomes: 'none' });
    const { becomes } = sayChange(change('pressure', 1), setup, machine);
    expect(becomes).not.toContain('%');
  });

  it('says needles, threads and feet by name, and what it does not know as it is written', () => {
    expect(sayChange(change('foot', 'zip:left'), setup).becomes).toBe('Zip, left');
    expect(sayChange(change('foot', 'borrowed'), setup).becomes).toBe('borrowed');
    expect(sayChange(change('needle', { point: 'jeans', nm: 100 }), setup).becomes).toBe('Jeans 100/16');
    expect(sayChange(change('thread', 'polyester:40:ochre'), setup)).toEqual({
      part: 'thread',
      becomes: 'Polyester, Tex 40, ochre',
    });
    expect(sayChange(change('tensionSteps', 1), null).becomes).toBe('1');
  });

  it('knows which parts are dials', () => {
    const all = ['needle', 'plate', 'foot', 'thread', 'bobbin', 'stitch', 'iron'];
    expect(all.filter((part) => isDial(change(part, 1)))).toEqual([]);
    expect(['lengthMm', 'widthMm', 'tensionSteps', 'pressure'].every((part) => isDial(change(part, 1)))).toBe(true);
  });
});
