import { describe, expect, it } from 'vitest';
import { SIGNS } from '../stitch';
import { causePage, CAUSES_SHOWN, changeText, signPage } from '.';

describe('the page of a sign, and of a cause', () => {
  it('says of each why it happens and what to try', () => {
    for (const page of SIGNS.map(signPage)) {
      expect(page.why.length, page.sign).toBeGreaterThan(0);
      expect(page.tries.length, page.sign).toBeGreaterThan(0);
      for (const text of page.tries) expect(text, page.sign).not.toMatch(/\{(nm|steps|length)\}/);
    }
    for (const page of CAUSES_SHOWN.map(causePage)) expect(page.tries.length, page.cause).toBeGreaterThan(0);
  });

  it('begins with what is most often behind it', () => {
    expect(signPage('shine')).toMatchObject({ why: ['heat'] });
    expect(signPage('nest').why[0]).toBe('rethread-needed');
    expect(causePage('feed-lowered').showsAs[0]).toBe('no-feed');
  });

  it('does not name four kinds of needle for one worn one: each next change is for what the ones before leave', () => {
    const needles = signPage('skipped').tries.filter((text) => /needle/.test(text));
    expect(needles.length).toBeLessThanOrEqual(2);
    expect(signPage('skipped').tries).toContain(changeText('better-thread'));
  });

  it('names the pieces of a broken needle first, and nowhere else', () => {
    const pieces = changeText('clear-fragments');
    for (const { sign, tries } of SIGNS.map(signPage))
      expect(tries.indexOf(pieces!), sign).toBe(sign === 'needle-broke' ? 0 : -1);
  });

  it('sends to a technician only where a good part of what may be behind it is inside the machine', () => {
    const technician = changeText('technician');
    expect(signPage('slippage').tries).not.toContain(technician);
    expect(causePage('hook-timing').tries).toContain(technician);
  });
});
