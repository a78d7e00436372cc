'use client';

import { bandsShown, type Span, type Timeline } from '@/core/job';
import { sayEstimate } from '@/core/units';
import styles from './Timeline.module.css';
import { TIMELINE_DRAWING_TEXT } from './text';

/** Steps of the ruler along the time, minutes; the first that gives few enough of them is taken. */
const RULER_MIN = [5, 10, 15, 30, 60, 120, 240, 480];

const share = (minutes: number, total: number) => `${(100 * minutes) / total}%`;

/** The job along the time: seams in a row, and under them what is on the machine meanwhile; changes are red ticks. */
export function TimelineDrawing({ timeline, mostMarks = 12 }: { timeline: Timeline; mostMarks?: number }) {
  const { stops, bands, totalMin } = timeline;
  if (totalMin <= 0) return null;
  const { changing, throughout } = bandsShown(bands);
  return (
    <figure className={styles.timeline} aria-label={TIMELINE_DRAWING_TEXT.timelineOf(sayEstimate(totalMin))}>
      <div className={styles.row}>
        <span className={styles.name}>{TIMELINE_DRAWING_TEXT.seams}</span>
        <span className={styles.lane}>
          {stops.map(({ item, fromMin, sewMin, toMin, changes }, i) => (
            <span
              key={item.id}
              className={item.kind === 'scrap' ? styles.scrap : styles.seam}
              style={{ left: share(sewMin, totalMin), width: share(toMin - sewMin, totalMin) }}
              title={`${i + 1}. ${item.name}, ${sayEstimate(toMin - sewMin)}`}
            >
              {(toMin - sewMin) / totalMin > 0.022 && i + 1}
              {changes.length > 0 && (
                <i style={{ width: `${(100 * (sewMin - fromMin)) / Math.max(0.01, toMin - sewMin)}%` }} />
              )}
            </span>
          ))}
        </span>
      </div>
      {changing.map(({ part, name, spans }) => (
        <div key={part} className={styles.row}>
          <span className={styles.name}>{name}</span>
          <span className={styles.lane}>
            {spans.map((span, i) => (
              <Band
                key={span.fromMin}
                span={span}
                total={totalMin}
                changed={i > 0 || span.fromMin > 0}
                even={i % 2 === 1}
              />
            ))}
          </span>
        </div>
      ))}
      {throughout !== '' && (
        <div className={styles.row}>
          <span className={styles.name}>{TIMELINE_DRAWING_TEXT.throughout}</span>
          <span className={styles.lane}>
            <Band
              span={{ value: throughout, fromMin: 0, toMin: totalMin }}
              total={totalMin}
              changed={false}
              even={false}
            />
          </span>
        </div>
      )}
      <Ruler total={totalMin} mostMarks={mostMarks} />
    </figure>
  );
}

interface BandProps {
  span: Span;
  total: number;
  changed: boolean;
  even: boolean;
}

function Band({ span: { value, fromMin, toMin }, total, changed, even }: BandProps) {
  return (
    <span
      className={styles.band}
      data-changed={changed || undefined}
      data-even={even || undefined}
      style={{ left: share(fromMin, total), width: share(toMin - fromMin, total) }}
      title={value}
    >
      {value}
    </span>
  );
}

/** The time below, from now on. */
function Ruler({ total, mostMarks }: { total: number; mostMarks: number }) {
  const step = RULER_MIN.find((m) => total / m <= mostMarks) ?? total;
  const marks = Array.from({ length: Math.floor(total / step) + 1 }, (_, i) => i * step);
  // Where there is no room behind the last mark for what it says, the end of the bands says it.
  const fits = (mark: number) => mark === 0 || total - mark > 0.6 * step;
  return (
    <div className={styles.row}>
      <span className={styles.name} />
      <span className={styles.ruler}>
        {marks.filter(fits).map((mark) => (
          <span key={mark} style={{ left: share(mark, total) }}>
            {mark === 0 ? TIMELINE_DRAWING_TEXT.now : sayEstimate(mark)}
          </span>
        ))}
      </span>
    </div>
  );
}
