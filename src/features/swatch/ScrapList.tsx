'use client';

import { countOf } from '@/core/units';
import Link from 'next/link';
import { type TestLine, linesBySwatch, scrapStanding } from '@/core/swatch';
import { useCloths, useLines, useSwatches } from '@/data';
import { sayWhen } from '@/parts/workspace';
import { ClothSwatch } from '@/ui';
import styles from './Swatch.module.css';
import { SCRAP_LIST_TEXT } from './text';

/** Every scrap, newest first, with how it stands. */
export function ScrapList() {
  const swatches = useSwatches();
  const lines = useLines();
  const cloths = useCloths();
  if (!swatches || !lines || !cloths) return null;
  if (swatches.length === 0) {
    return (
      <p className={styles.quiet}>
        {SCRAP_LIST_TEXT.noScrapYetMachine} <Link href="/match">{SCRAP_LIST_TEXT.matchACloth}</Link>
        {SCRAP_LIST_TEXT.thenChooseTestOn}
      </p>
    );
  }
  const bySwatch = linesBySwatch(lines);
  return (
    <ul className={styles.scraps}>
      {swatches.map((swatch) => {
        const cloth = cloths.find((c) => c.id === swatch.clothId);
        const own = bySwatch.get(swatch.id) ?? [];
        return (
          <li key={swatch.id}>
            <Link href={`/test?id=${swatch.id}`}>
              {cloth && <ClothSwatch look={{ ...cloth.cloth, colour: cloth.colour }} className={styles.small} />}
              <span>
                <strong>{swatch.name}</strong>
                <span className={styles.quiet}>
                  {standing(own)}, {sayWhen(swatch.startedAt)}
                </span>
              </span>
            </Link>
          </li>
        );
      })}
    </ul>
  );
}

function standing(lines: TestLine[]): string {
  const count = countOf(lines.length, SCRAP_LIST_TEXT.test);
  const { state } = scrapStanding(lines);
  if (state === 'not started') return SCRAP_LIST_TEXT.nothingSewnYet;
  return `${count}, ${state === 'begun' ? SCRAP_LIST_TEXT.halfTested : state}`;
}
