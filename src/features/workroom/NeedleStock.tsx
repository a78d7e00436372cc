'use client';

import { useMemo, useState } from 'react';
import type { NeedleRecord } from '@/core/file';
import { needleHours, needleName, type NeedlePack, needlePacks, sewedBy, shareOfHours } from '@/core/kit';
import { useNeedles } from '@/data';
import { useFound } from '@/parts/longList';
import { type LongColumn, LongTable } from '@/parts/longTable';
import { useNeedleLife } from '@/parts/workspace';
import { MeasureField, Pressable } from '@/ui';
import { AddNeedles } from './AddNeedles';
import { PackDetail } from './NeedleDetail';
import { Owned } from './Owned';
import { sayPack, stateOf, stateOfPack } from './sayNeedle';
import { NEEDLE_STOCK_TEXT } from './text';
import styles from './Workroom.module.css';

type Pack = NeedlePack<NeedleRecord>;

const keyOf = (pack: Pack) => pack.id;
const textOf = ({ needle, pack, where, sewn, spent }: NeedleRecord) =>
  [needleName(needle), pack, where, spent ? 'spent' : '', ...sewedBy({ sewn }).map((s) => s.what)].join(' ');

/** The needle stock: every pack with the hours of its needles, what they sewed, and where it is kept. */
export function NeedleStock() {
  const all = useNeedles();
  const [text, setText] = useState('');
  const [open, setOpen] = useState<string | null>(null);
  const life = useNeedleLife();
  const found = useFound(all ?? [], textOf, text);
  const packs = useMemo(() => needlePacks(found, needleHours), [found]);
  const columns = useMemo(() => columnsOf(life, open, (id) => setOpen(open === id ? null : id)), [life, open]);
  if (!all) return null;
  return (
    <section className={styles.section} aria-label={NEEDLE_STOCK_TEXT.needles}>
      <AddNeedles any={all.length > 0} />
      {all.length > 0 && (
        <>
          <Owned what="needles" count={all.filter((n) => n.spent === null).length} />
          <div className={styles.find}>
            <MeasureField label={NEEDLE_STOCK_TEXT.findANeedle} text={text} onText={setText} />
          </div>
          <LongTable
            label={NEEDLE_STOCK_TEXT.needlesInTheTin}
            items={packs}
            keyOf={keyOf}
            columns={columns}
            rowPx={58}
            openKey={open}
            detail={(pack) => <PackDetail pack={pack} life={life} />}
            stateOf={({ needles }) => stateOfPack(needles, life)}
            fileName="bobbet-needles-list"
          >
            <p role="status" className={styles.quiet}>
              {NEEDLE_STOCK_TEXT.ofNeedles(found.length, all.length)}{' '}
              {life === null ? NEEDLE_STOCK_TEXT.hoursDoNotDecide : NEEDLE_STOCK_TEXT.eachIsKeptHours(life)}{' '}
              {NEEDLE_STOCK_TEXT.yourSchoolOnMatch}
            </p>
          </LongTable>
        </>
      )}
    </section>
  );
}

function columnsOf(
  life: number | null,
  open: string | null,
  onOpen: (id: string) => void,
): readonly LongColumn<Pack>[] {
  const words = ({ needles }: Pack) => sayPack(needles, life);
  return [
    {
      id: 'needle',
      name: NEEDLE_STOCK_TEXT.needle,
      always: true,
      width: '24%',
      text: ({ needle }) => needleName(needle),
      render: ({ id, needle, needles }) => (
        <Pressable
          data-main
          aria-expanded={open === id}
          onClick={() => onOpen(id)}
          className={needles.every(({ spent }) => spent !== null) ? styles.spent : undefined}
        >
          {needleName(needle)} {needles.length > 1 && <small>{NEEDLE_STOCK_TEXT.times(needles.length)}</small>}
        </Pressable>
      ),
    },
    {
      id: 'hours',
      name: NEEDLE_STOCK_TEXT.hours,
      width: 360,
      text: words,
      sortBy: ({ needles }) => needleHours(needles[0]),
      render: (pack) => <Lives needles={pack.needles} life={life} said={words(pack)} />,
    },
    {
      id: 'state',
      name: NEEDLE_STOCK_TEXT.state,
      hidden: true,
      width: 130,
      text: ({ needles }) => stateText(needles, life),
    },
    { id: 'sewed', name: NEEDLE_STOCK_TEXT.sewedFor, text: ({ needles }) => lastSewn(needles) },
    { id: 'pack', name: NEEDLE_STOCK_TEXT.pack, width: 120, text: ({ pack }) => pack },
    { id: 'where', name: NEEDLE_STOCK_TEXT.keptIn, width: 140, text: ({ where }) => where },
  ];
}

const stateText = (needles: readonly NeedleRecord[], life: number | null) =>
  NEEDLE_STOCK_TEXT.states[stateOfPack(needles, life)];

const lastSewn = (needles: readonly NeedleRecord[]) =>
  [...new Set(needles.flatMap((record) => sewedBy(record)[0]?.what ?? []))].join(', ');

/** A bar for each needle of a pack, as far as it is through its hours. */
function Lives({ needles, life, said }: { needles: readonly NeedleRecord[]; life: number | null; said: string }) {
  const wide = 120 / needles.length;
  const bar = Math.max(wide - 4, 2);
  return (
    <span className={styles.life}>
      <svg viewBox="0 0 120 12" aria-hidden>
        {needles.map((record, i) => (
          <g key={record.id} data-state={stateOf(record, life)}>
            <path d={`M${i * wide} 6 h${bar}`} stroke="var(--rule)" strokeWidth="4" />
            <path
              d={`M${i * wide} 6 h${bar * shareOfHours(needleHours(record), life)}`}
              stroke="currentColor"
              strokeWidth="4"
            />
          </g>
        ))}
      </svg>
      <span>{said}</span>
    </span>
  );
}
