'use client';

import Link from 'next/link';
import type { MachineRecord } from '@/core/file';
import { Taught } from '../Taught';
import { CHECK_UP_LINK_TEXT } from '../text';
import styles from '../Workroom.module.css';
import { BobbinCalibration } from './BobbinCalibration';
import { LengthCalibration, WidthCalibration } from './DialCalibration';
import { FeedCalibration } from './FeedCalibration';

/** What the machine truly does: its dials against counted stitches, its bobbin, its feed. */
export function Calibrate({ record }: { record: MachineRecord }) {
  return (
    <div className={styles.calibrate}>
      <p>
        <Link href={`/check-up?machine=${record.id}`}>{CHECK_UP_LINK_TEXT.link}</Link> {CHECK_UP_LINK_TEXT.gains}
      </p>
      <LengthCalibration record={record} />
      <WidthCalibration record={record} />
      <BobbinCalibration record={record} />
      <FeedCalibration record={record} />
      <Taught record={record} />
    </div>
  );
}
