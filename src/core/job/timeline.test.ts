import { describe, expect, it } from 'vitest';
import { bandsShown, type Timeline } from './timeline';

const band = (
  part: 'needle' | 'thread' | 'bobbin' | 'foot' | 'plate',
  ...values: string[]
): Timeline['bands'][number] => ({
  part,
  name: part,
  spans: values.map((value, i) => ({ value, fromMin: 10 * i, toMin: 10 * i + 10 })),
});

describe('the bands of a timeline', () => {
  it('are one text where the machine never changes', () => {
    const bands = [
      band('needle', 'Jeans 100/16'),
      band('thread', 'Polyester, Tex 40, ochre'),
      band('bobbin', 'Polyester, Tex 40, ochre'),
      band('foot', 'Standard'),
      band('plate', 'Standard'),
    ];
    expect(bandsShown(bands)).toEqual({
      changing: [],
      throughout: 'Jeans 100/16 · Polyester, Tex 40, ochre · Standard foot · Standard plate',
    });
  });

  it('draw what changes, and say the rest once', () => {
    const bands = [band('needle', 'Jeans 100/16', 'Jeans 90/14'), band('thread', 'Tex 40'), band('bobbin', 'Tex 27')];
    const { changing, throughout } = bandsShown(bands);
    expect(changing.map(({ part }) => part)).toEqual(['needle']);
    expect(throughout).toBe('Tex 40 · bobbin Tex 27');
  });

  it('leave out what nobody has said', () => {
    expect(bandsShown([band('foot'), band('plate', 'Standard')])).toEqual({
      changing: [],
      throughout: 'Standard plate',
    });
  });
});
