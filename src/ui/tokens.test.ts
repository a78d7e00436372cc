import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { DARK, LIGHT, TYPE } from './tokens';

const SRC = path.join(import.meta.dirname, '..');

/** The sources of one kind, by their place below src. */
function sources(wanted: RegExp): Record<string, string> {
  const files = readdirSync(SRC, { recursive: true, encoding: 'utf8' }).map((file) => file.replaceAll(path.sep, '/'));
  return Object.fromEntries(
    files.filter((file) => wanted.test(file)).map((file) => [file, readFileSync(path.join(SRC, file), 'utf8')]),
  );
}

const sheets = sources(/\.css$/);
const parts = sources(/^(app|features|parts)\/(?!.*\.test\.).*\.tsx$/);

/** Paper is black on white, in millimetres; a drawing of a scrap has the scrap's own colours. */
const APART = /(Print\.module\.css|Sheets?\.tsx|Drawing\.tsx)$/;

const linesWith = (files: Record<string, string>, what: RegExp) =>
  Object.entries(files)
    .filter(([file]) => !APART.test(file))
    .flatMap(([file, text]) =>
      text
        .split('\n')
        .filter((line) => what.test(line))
        .map((line) => `${file}: ${line.trim()}`),
    );

describe('colours, type sizes and spacing', () => {
  it('stand in the theme alone: style sheets name them', () => {
    expect(Object.keys(sheets).length).toBeGreaterThan(10);
    expect(
      linesWith(sheets, /#[0-9a-f]{3,8}\b(?!.*#fff;)/i).filter((line) => !line.includes('background: #fff')),
    ).toEqual([]);
    expect(linesWith(sheets, /font-size:\s*[\d.]+(px|rem|em)/)).toEqual([]);
  });

  it('leave a style sheet no spacing of its own but a hairline', () => {
    const spaced = linesWith(sheets, /^\s*(padding|margin|gap|row-gap|column-gap)[a-z-]*:[^;]*\dpx/);
    expect(spaced.filter((line) => /\d{2,}px|[2-9]px/.test(line))).toEqual([]);
    expect(linesWith(parts, /\b(p|m|gap|[pm][xytrbl]|padding\w*|margin\w*): ['"`]-?[\d.]+(px|rem|em)/)).toEqual([]);
  });

  it('are named in components too: a colour that is written out is one of a fabric or a thread', () => {
    expect(linesWith(parts, /(color|background|fill|stroke|border\w*)[=:]\s*["'{]*#[0-9a-f]{3,8}/i)).toEqual([]);
    expect(linesWith(parts, /fontSize[=:]\s*["'{]*\d/)).toEqual([]);
  });

  it('grow from tiny to what a dial says', () => {
    const sizes = Object.values(TYPE);
    expect([...sizes].sort((a, b) => a - b)).toEqual(sizes);
  });
});

/** Relative luminance and contrast as WCAG 2.2 defines them. */
function contrast(one: string, other: string): number {
  const luminance = (hex: string) => {
    const [r, g, b] = [1, 3, 5].map((at) => {
      const part = parseInt(hex.slice(at, at + 2), 16) / 255;
      return part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4;
    });
    return 0.2126 * r + 0.7152 * g + 0.0722 * b;
  };
  const [light, dark] = [luminance(one), luminance(other)].sort((a, b) => b - a);
  return (light + 0.05) / (dark + 0.05);
}

describe.each([
  ['by daylight', LIGHT],
  ['in the evening', DARK],
])('what is read %s', (_, colours) => {
  it.each([
    ['ink', 'paper'],
    ['ink', 'sheet'],
    ['ink-2', 'paper'],
    ['ink-2', 'sheet'],
    ['red', 'sheet'],
    ['green', 'sheet'],
    ['on-red', 'red'],
    ['caution-ink', 'caution'],
    ['tape-print', 'tape'],
    ['strip-ink-2', 'strip'],
    ['strip-red', 'strip'],
  ] as const)('%s on %s can be read (4.5 to 1)', (ink, ground) =>
    expect(contrast(colours[ink], colours[ground])).toBeGreaterThanOrEqual(4.5),
  );
});
