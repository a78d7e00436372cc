import { describe, expect, it } from 'vitest';
import { ABILITIES, abilities, type Ability, runningWay } from './running';

describe('own: how Bobbet runs', () => {
  it.each([
    [true, 'localhost', 'this-computer'],
    [true, '127.0.0.1', 'this-computer'],
    [true, '[::1]', 'this-computer'],
    [true, 'bobbet.localhost', 'this-computer'],
    [true, 'sewing.example', 'secure'],
    [true, 'localhost.example', 'secure'],
    [false, 'sewing-room.local', 'plain'],
    [false, '192.168.1.20', 'plain'],
  ] as const)('secure %s at %s: %s', (isSecureContext, hostname, way) =>
    expect(runningWay({ isSecureContext, hostname })).toBe(way),
  );

  const all = (has: boolean) => Object.fromEntries(ABILITIES.map((one) => [one, has])) as Record<Ability, boolean>;
  it('a browser without something is not blamed for plain http', () => {
    const plain = abilities({ isSecureContext: false, hostname: 'sewing-room.local', has: all(false) });
    expect(new Set(Object.values(plain))).toEqual(new Set(['not-this-way']));
    const bare = abilities({ isSecureContext: true, hostname: 'localhost', has: all(false) });
    expect(new Set(Object.values(bare))).toEqual(new Set(['not-this-browser']));
    const full = abilities({ isSecureContext: true, hostname: 'localhost', has: all(true) });
    expect(new Set(Object.values(full))).toEqual(new Set(['works']));
  });
});
