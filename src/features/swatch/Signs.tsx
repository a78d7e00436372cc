'use client';

import { type Sign, SIGN_TEXT } from '@/core/stitch';
import { type Finding, keptFinding, type TestLine, PLACES, SEVERITY_TEXT, signsToLookFor } from '@/core/swatch';
import { More, Pressable, Select, SignPicture, useRoving } from '@/ui';
import Link from 'next/link';
import styles from './Swatch.module.css';
import type { SaveLine, Scrap } from './useScrap';
import { SIGNS_TEXT } from './text';

interface Props {
  scrap: Scrap;
  line: TestLine;
  onSave: SaveLine;
}

/** What is seen, picked from drawings. Pressing again makes it worse, then takes it away. */
export function Signs({ scrap, line, onSave }: Props) {
  const { usual, others } = signsToLookFor(scrap.seam, line.setup);
  const seen = others.filter((sign) => line.findings.some((f) => f.sign === sign));
  const nothing = line.looked && line.findings.length === 0;
  const roving = useRoving<HTMLDivElement>();
  const button = (sign: Sign) => <SignButton key={sign} sign={sign} line={line} onSave={onSave} />;
  return (
    <section className={styles.signs} aria-labelledby="signs">
      <h3 id="signs">{SIGNS_TEXT.whatDoYouSee}</h3>
      <p className={styles.quiet}>
        {SIGNS_TEXT.aboveTheLineThe} <Link href="/test/signs">{SIGNS_TEXT.whatTheyMean}</Link>
      </p>
      <div className={styles.signGrid} {...roving}>
        <Pressable aria-pressed={nothing} onClick={() => onSave(() => ({ findings: [], looked: !nothing }))}>
          <SignPicture sign="none" />
          {SIGNS_TEXT.nothingWrong}
          <small>{nothing ? SIGNS_TEXT.looked : ' '}</small>
        </Pressable>
        {[...usual, ...seen].map(button)}
      </div>
      <More summary={SIGNS_TEXT.otherSigns(others.length - seen.length)}>
        <div className={styles.signGrid}>{others.filter((sign) => !seen.includes(sign)).map(button)}</div>
      </More>
      {line.findings.length > 0 && (
        <ul className={styles.found} aria-label={SIGNS_TEXT.where}>
          {line.findings.map((finding) => (
            <Found key={finding.sign} finding={finding} onSave={onSave} />
          ))}
        </ul>
      )}
    </section>
  );
}

function SignButton({ sign, line, onSave }: { sign: Sign; line: TestLine; onSave: SaveLine }) {
  const level = line.findings.find((f) => f.sign === sign)?.severity ?? 0;
  const press = () =>
    onSave((now) => {
      const before = now.findings.find((f) => f.sign === sign);
      const next = ((before?.severity ?? 0) + 1) % SEVERITY_TEXT.length;
      const others = now.findings.filter((f) => f.sign !== sign);
      return {
        findings: next === 0 ? others : [...others, keptFinding({ ...before, sign, severity: next })],
        looked: true,
      };
    });
  return (
    <Pressable aria-pressed={level > 0} onClick={press} aria-label={`${SIGN_TEXT[sign]}: ${SEVERITY_TEXT[level]}`}>
      <SignPicture sign={sign} />
      {SIGN_TEXT[sign]}
      <small>{level > 0 ? `${'●'.repeat(level)} ${SEVERITY_TEXT[level]}` : ' '}</small>
    </Pressable>
  );
}

const ANYWHERE = SIGNS_TEXT.notSaid;

function Found({ finding, onSave }: { finding: Finding; onSave: SaveLine }) {
  const change = (where: string) =>
    onSave((now) => ({
      findings: now.findings.map((f) =>
        f.sign === finding.sign ? { ...f, where: PLACES.find((place) => place === where) } : f,
      ),
    }));
  return (
    <li>
      <span>
        <strong>{SIGN_TEXT[finding.sign]}</strong>, {SEVERITY_TEXT[finding.severity]}
      </span>
      <Select
        label={SIGNS_TEXT.where2(SIGN_TEXT[finding.sign].toLowerCase())}
        value={finding.where ?? ANYWHERE}
        options={[ANYWHERE, ...PLACES].map((place) => [place, place] as const)}
        onPick={change}
      />
    </li>
  );
}
