'use client';

import Button from '@mui/material/Button';
import List from '@mui/material/List';
import ListItem from '@mui/material/ListItem';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import type { Card } from '@/core/card';
import type { MachineRecord } from '@/core/file';
import {
  needlesFit,
  proofOfOperation,
  type RowSetting,
  rowsOfProcedure,
  rowsSewn,
  rowsToProve,
  sewnByMachine,
} from '@/core/procedure';
import { settingReadings, type Setup } from '@/core/setup';
import { EyeStop } from '@/parts/asking';
import { useStale } from '@/parts/staleness';
import { CautionAlert } from '@/ui';
import { TEXT } from './text';
import { useProveRow } from './useProveRow';
import type { RunNow } from './useRunNow';

/** What each row is sewn with, and what of it is proven on scrap. */
export function RowsSewn({ now }: { now: RunNow }) {
  const { machine, rows, setups, steps, procedure } = now;
  if (!sewnByMachine(procedure)) return null;
  if (!machine) return <Typography color="text.secondary">{TEXT.machineGone}</Typography>;
  if (!setups) return <Typography color="text.secondary">{rows ? TEXT.noSetting : TEXT.looking}</Typography>;
  const named = rowsOfProcedure(procedure);
  const sewn = rowsSewn(steps);
  const open = rows ? rowsToProve(procedure, rows.settings, sewn) : [];
  return (
    <Stack component="section" spacing={1} aria-label={TEXT.sewnWith}>
      <Typography variant="h3">{TEXT.sewnWith}</Typography>
      <List disablePadding>
        {sewn.map((row) => (
          <ListItem key={row} disableGutters divider sx={{ display: 'block' }}>
            <OneRow
              now={now}
              row={row}
              name={named[row].name}
              setting={rows?.settings[row]}
              free={!open.includes(row) && rows?.settings[row]?.proof !== 'operation'}
              machine={machine}
            />
          </ListItem>
        ))}
      </List>
      <Whole now={now} sewn={sewn} />
    </Stack>
  );
}

interface RowProps {
  now: RunNow;
  row: string;
  name: string;
  setting: RowSetting<Card> | undefined;
  /** Nobody sews a scrap of it first. */
  free: boolean;
  machine: MachineRecord;
}

function OneRow({ now, row, name, setting, free, machine }: RowProps) {
  const prove = useProveRow(now);
  const setup = now.setups?.[row] ?? setting?.setup;
  const blocked = now.rows?.answers[row]?.blocked[0]?.text;
  if (!setup) return <CautionAlert>{TEXT.rowBlocked(name, blocked ?? '')}</CautionAlert>;
  return (
    <Stack spacing={0.5}>
      <Typography sx={{ fontWeight: 650 }}>{name}</Typography>
      <Typography>{reads(setup, machine)}</Typography>
      <EyeStop setup={setup} />
      {row === 'main' && !needlesFit(now.procedure, setup) && (
        <CautionAlert>{now.procedure.needles === 'two' ? TEXT.wantsTwin : TEXT.wantsOne}</CautionAlert>
      )}
      {free ? (
        <Typography color="text.secondary">{TEXT.noScrap}</Typography>
      ) : (
        <RowProof setting={setting} onTest={setting?.setup ? () => void prove(row) : null} />
      )}
    </Stack>
  );
}

function reads(setup: Setup, machine: MachineRecord): string {
  const { stitch, length, width, needle, thread, foot } = settingReadings(machine.machine, setup);
  return TEXT.reads({ stitch, length, width: setup.widthMm > 0 ? width : null, needle, thread, foot });
}

/** Whether a row was proven, for this operation or in another one, and whether that still holds. */
function RowProof({ setting, onTest }: { setting: RowSetting<Card> | undefined; onTest: (() => void) | null }) {
  const stale = useStale();
  const card = setting?.card;
  const reasons = card && stale ? stale(card) : [];
  const first = onTest && (
    <Button size="small" variant="outlined" onClick={onTest}>
      {TEXT.testFirst}
    </Button>
  );
  const toCard = card && <Link href={`/log?id=${card.id}`}>{TEXT.theCard}</Link>;
  if (card && reasons.length > 0)
    return (
      <CautionAlert>
        {TEXT.outOfDate(reasons[0].text)} {toCard} {first}
      </CautionAlert>
    );
  if (setting?.proof === 'operation')
    return (
      <Typography color="success.main" sx={{ fontWeight: 650 }}>
        ✓ {TEXT.proven} {toCard}
      </Typography>
    );
  return (
    <Stack direction="row" spacing={1.5} useFlexGap sx={{ alignItems: 'center', flexWrap: 'wrap' }}>
      <Typography color="text.secondary" sx={{ flex: '1 1 14rem' }}>
        {setting?.proof === 'stitch' ? TEXT.stitchProven : TEXT.notProven} {toCard}
      </Typography>
      {first}
    </Stack>
  );
}

/** What is proven of the operation as a whole. */
function Whole({ now: { procedure, rows }, sewn }: { now: RunNow; sewn: readonly string[] }) {
  if (!rows) return null;
  const { of } = proofOfOperation(procedure, rows.settings, sewn);
  return (
    <Typography data-proof={of} color={of === 'operation' ? 'success.main' : 'text.secondary'}>
      {TEXT.whole[of](procedure.name)}
    </Typography>
  );
}
