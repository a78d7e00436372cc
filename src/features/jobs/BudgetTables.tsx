'use client';

import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { type ComponentProps, type ReactNode, useMemo } from 'react';
import type { NeedleNeed, ThreadNeed } from '@/core/job';
import { threadName } from '@/core/kit';
import { formatNumber, sayEstimate } from '@/core/units';
import { LongTable, type LongColumn } from '@/parts/longTable';
import { useUnits } from '@/parts/workspace';
import { Origin } from '@/ui';
import styles from './Jobs.module.css';
import { BUDGET_TEXT as TEXT } from './text';

/** Where spools are kept. */
export const SPOOLS = '/workroom?place=threads';

/** What each thread of the project is used for, and how much of it there is. */
export function ThreadTable({ threads }: { threads: readonly ThreadNeed[] }) {
  const columns = useThreadColumns();
  return (
    <Budgeted
      title={TEXT.thread}
      items={threads}
      keyOf={(need) => need.colour + threadName(need.thread)}
      columns={columns}
      fileName="bobbet-thread"
    />
  );
}

function useThreadColumns(): LongColumn<ThreadNeed>[] {
  const { metres, thread } = useUnits();
  return useMemo(() => {
    const { columns } = TEXT;
    const used = (id: keyof typeof columns, mm: (need: ThreadNeed) => number): LongColumn<ThreadNeed> => ({
      id,
      name: columns[id],
      align: 'right',
      text: (need) => (mm(need) > 0 ? thread(mm(need)) : TEXT.byHandNone),
      sortBy: mm,
    });
    return [
      {
        id: 'colour',
        name: columns.colour,
        always: true,
        text: (need) => `${need.colour || TEXT.anyColour} ${threadName(need.thread)}`,
        render: (need) => (
          <>
            <strong>{need.colour || TEXT.anyColour}</strong> <small>{threadName(need.thread)}</small>
          </>
        ),
      },
      used('needle', (need) => need.needleMm),
      used('bobbin', (need) => need.bobbinMm),
      used('hand', (need) => need.handMm),
      used('unpick', (need) => need.unpickMm),
      { ...used('total', (need) => need.totalMm), render: (need) => <strong>{thread(need.totalMm)}</strong> },
      {
        id: 'owned',
        name: columns.owned,
        align: 'right',
        text: ({ ownedMm }) => (ownedMm === null ? TEXT.notNoted : metres(ownedMm)),
        sortBy: ({ ownedMm }) => ownedMm ?? -1,
        render: ({ ownedMm, buyMm }) =>
          ownedMm === null ? (
            <Link href={SPOOLS}>{TEXT.howMuchLeft}</Link>
          ) : (
            <Owned short={buyMm > 0}>{metres(ownedMm)}</Owned>
          ),
      },
    ];
  }, [metres, thread]);
}

/** What the project wears of its needles. */
export function NeedleTable({ needles }: { needles: readonly NeedleNeed[] }) {
  return (
    <Budgeted
      title={TEXT.needles}
      items={needles}
      keyOf={({ name }) => name}
      columns={NEEDLES}
      fileName="bobbet-needles"
    />
  );
}

const left = ({ ownedHours }: NeedleNeed) =>
  ownedHours === null ? TEXT.hoursIdle : TEXT.hoursLeft(formatNumber(ownedHours, 1));
const toBuy = ({ buy }: NeedleNeed) => (buy > 0 ? TEXT.get(buy) : TEXT.enough);

const NEEDLES: LongColumn<NeedleNeed>[] = [
  {
    id: 'name',
    name: TEXT.needleColumns.name,
    always: true,
    text: ({ name }) => name,
    render: ({ name }) => <strong>{name}</strong>,
  },
  {
    id: 'sewing',
    name: TEXT.needleColumns.sewing,
    align: 'right',
    text: ({ hours }) => sayEstimate(hours * 60),
    sortBy: ({ hours }) => hours,
  },
  {
    id: 'left',
    name: TEXT.needleColumns.left,
    align: 'right',
    text: left,
    sortBy: ({ ownedHours }) => ownedHours ?? Infinity,
  },
  {
    id: 'buy',
    name: TEXT.needleColumns.buy,
    align: 'right',
    text: toBuy,
    sortBy: ({ buy }) => buy,
    render: (need) => <Owned short={need.buy > 0}>{toBuy(need)}</Owned>,
  },
];

/** What there is of a thing, in red where it is not enough. */
function Owned({ short, children }: { short: boolean; children: ReactNode }) {
  return (
    <span className={styles.owned} data-short={short || undefined}>
      {children}
    </span>
  );
}

const ROW_PX = 44;

/** A table named by its heading, which stands beside what can be done with it. */
function Budgeted<T>({
  title,
  ...table
}: { title: string } & Omit<ComponentProps<typeof LongTable<T>>, 'label' | 'rowPx'>) {
  return (
    <section aria-label={title}>
      <LongTable {...table} label={title} rowPx={ROW_PX}>
        <div>
          <Typography variant="h2">{title}</Typography>
          <Origin of="model" />
        </div>
      </LongTable>
    </section>
  );
}
