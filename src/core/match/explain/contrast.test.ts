import { describe, expect, it } from 'vitest';
import { KNOWLEDGE } from '../../result';
import { PLAIN_MACHINE } from '../../kit';
import type { Setup } from '../../setup';
import { answer } from '../match';
import { matchInputSchema } from '../question';
import { contrast } from './contrast';
import { knowledgeChange } from './knowledgeChange';

const jersey = matchInputSchema.parse({
  cloth: { structure: 'knit', family: 'jersey', stretchAcross: 50 },
  operation: { kind: 'join' },
});
const best = answer(jersey).setup!;
const against = (change: Partial<Setup>) => contrast(jersey, best, { ...best, ...change });

describe('a setting chosen by hand against the recommended one', () => {
  it('that gives too little loses by that, and pulling settles it', () => {
    const { changed, reason, settle } = against({ stitch: 'straight', widthMm: 0 });
    expect(changed[0]).toBe('Stitch: Straight instead of zigzag');
    expect(reason).toMatch(/stretches about \d+%; the seam must stretch 25%/);
    expect(settle).toMatch(/stretch both to 28%/);
  });

  it('with a point for another cloth loses by the rule or the risk', () => {
    const { changed, reason, settle } = against({ needle: { point: 'sharp', nm: 75 } });
    expect(changed).toEqual(['Needle: Sharp 75/11 instead of ballpoint 75/11']);
    expect(reason).toMatch(/loops/);
    expect(settle).toMatch(/look for “/);
  });

  it('that costs time and thread says how much', () => {
    const { costs } = against({ stitch: 'triple-straight', widthMm: 0, lengthMm: 3 });
    expect(costs).toMatch(/Takes .* to sew/);
    expect(costs).toMatch(/Hard to unpick/);
  });

  it('of which nothing speaks against is told so, and the scrap decides', () => {
    const { reason, settle } = against({ lengthMm: best.lengthMm + 0.1 });
    expect(reason).toBeNull();
    expect(settle).toMatch(/use the one that looks better|stretch both/);
  });

  it('that is the same differs in nothing', () => expect(contrast(jersey, best, best).changed).toEqual([]));
});

describe('a card made with older tables', () => {
  const card = (more: { knowledge?: string; answered?: Setup }) =>
    knowledgeChange({ id: 'card', machine: PLAIN_MACHINE, knowledge: '2020-01-01', answered: best, ...more }, jersey);

  it('is told what would start elsewhere now, and why', () => {
    const change = card({ answered: { ...best, needle: { point: 'ballpoint', nm: 90 } } });
    expect(change?.changes).toEqual([
      expect.objectContaining({ reading: 'needle', was: 'Ballpoint 90/14', now: 'Ballpoint 75/11' }),
    ]);
    expect(change?.changes[0].why).toMatch(/slips between the loops/);
  });

  it('is left alone where nothing would, where the tables are these, or where nothing was kept', () => {
    const other = { ...best, lengthMm: 4 };
    expect(card({})).toBeNull();
    expect(card({ knowledge: KNOWLEDGE, answered: other })).toBeNull();
    expect(card({ knowledge: '', answered: other })).toBeNull();
    expect(card({ answered: undefined })).toBeNull();
  });
});
