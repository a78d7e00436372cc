import { describe, expect, it } from 'vitest';
import { CARD, CARD_CORNERS } from './cards';

describe('published: ID-1 of ISO/IEC 7810, the card that gives the scale', () => {
  it('is 85.60 × 53.98 mm with corners of 3.18 mm', () => {
    expect(CARD).toEqual({ widthMm: 85.6, heightMm: 53.98, radiusMm: 3.18 });
    expect(CARD_CORNERS[2]).toEqual({ x: 85.6, y: 53.98 });
  });
});
