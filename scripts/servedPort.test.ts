import { describe, expect, it } from 'vitest';
import { warningFor } from './servedPort.mjs';

describe('before a port is served', () => {
  it('the one of last time, or the usual one, needs no word', () => {
    expect(warningFor(3000, null)).toBeNull();
    expect(warningFor(4000, 4000)).toBeNull();
  });

  it('another one is said to be another workroom, with the way to the one before', () => {
    expect(warningFor(4000, null)).toContain('npm start -- --port 3000');
    expect(warningFor(3000, 4000)).toMatch(/^Port 3000 opens another workroom[^]*http:\/\/localhost:4000/);
  });
});
