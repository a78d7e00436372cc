'use client';

import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { Card } from '@/core/card';
import { type Beside, cardOnMine, lackedFor } from '@/core/exchange';
import type { ThingFile } from '@/core/file';
import { FULL_KIT } from '@/core/kit';
import { importThing } from '@/data/thingFile';
import { sayWhen, useQuestion, useUndoing } from '@/parts/workspace';
import { CautionAlert } from '@/ui';
import styles from '../Workroom.module.css';
import { TAKEN_CARD_TEXT as TEXT } from './text';

interface Props {
  file: ThingFile & { item: Card };
  is: Beside['is'];
  onDone: () => void;
}

/** A card from elsewhere: what it says, what that is on one's own dials, what is lacking for it. */
export function CardTaken({ file, is, onDone }: Props) {
  const asked = useQuestion();
  const { offer } = useUndoing();
  const card = file.item;
  const keep = async () => {
    const entry = await importThing(file, TEXT.kept(card.name));
    onDone();
    offer(TEXT.kept(card.name), entry);
  };
  if (!asked?.machine) return null;
  const { machine, kit } = { machine: asked.machine.machine, kit: asked.kit ?? FULL_KIT };
  const isOwn = asked.machines.some(({ id }) => id === card.machineId);
  return (
    <section className={styles.preview} aria-label={card.name}>
      <h2>{card.name}</h2>
      <p>
        {TEXT.from(card.machine.name ?? '', sayWhen(card.passedAt))} {card.simulated && TEXT.simulated}
      </p>
      {is === 'copy' && <p>{TEXT.copy}</p>}
      <div className={styles.taken}>
        <OnMine card={card} machineName={machine.name ?? ''} rows={cardOnMine(card, machine)} />
        <div className={styles.files}>
          {lackedFor(card, machine, kit).map((lacked) => (
            <p key={lacked}>
              <strong>{lacked}</strong>
            </p>
          ))}
          {!isOwn && <CautionAlert>{TEXT.prove}</CautionAlert>}
          {is === 'here' && <p>{TEXT.here}</p>}
          <div className={styles.actions}>
            {is !== 'here' && (
              <Button variant="contained" onClick={() => void keep()}>
                {TEXT.keep}
              </Button>
            )}
            <Button onClick={onDone}>{is === 'here' ? TEXT.close : TEXT.not}</Button>
          </div>
        </div>
      </div>
    </section>
  );
}

function OnMine({ card, machineName, rows }: { card: Card; machineName: string; rows: ReturnType<typeof cardOnMine> }) {
  return (
    <Table size="small" aria-label={TEXT.caption(card.name)}>
      <TableHead>
        <TableRow>
          <TableCell sx={{ pl: 0 }}>{TEXT.reading}</TableCell>
          <TableCell sx={{ pl: 0 }}>{TEXT.says}</TableCell>
          <TableCell sx={{ pl: 0 }}>{TEXT.on(machineName)}</TableCell>
        </TableRow>
      </TableHead>
      <TableBody>
        {rows.map(({ reading, name, said, mine, isNearest }) => (
          <TableRow key={reading}>
            <TableCell component="th" scope="row" sx={{ pl: 0 }}>
              {name}
            </TableCell>
            <TableCell sx={{ pl: 0 }}>{said}</TableCell>
            <TableCell sx={{ pl: 0 }}>
              <strong>{mine}</strong>
              {isNearest && ` (${TEXT.nearest})`}
            </TableCell>
          </TableRow>
        ))}
      </TableBody>
    </Table>
  );
}
