import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { Card } from '@/core/card';
import { compareCards } from '@/core/ledger';
import { useUnits } from '@/parts/workspace';
import styles from './Ledger.module.css';
import { COMPARE_TEXT } from './text';

/** Cards side by side; what differs is marked. */
export function Compare({ cards }: { cards: Card[] }) {
  const units = useUnits();
  return (
    <div className={styles.compare}>
      <Table>
        <TableHead>
          <TableRow>
            <TableCell component="td" />
            {cards.map((card) => (
              <TableCell component="th" key={card.id} scope="col">
                {card.name}
              </TableCell>
            ))}
          </TableRow>
        </TableHead>
        <TableBody>
          {compareCards(cards, units).map(({ name, values, differs }) => (
            <TableRow key={name} data-differs={differs || undefined}>
              <TableCell component="th" scope="row">
                {name}
                {differs && <span className="unseen">{COMPARE_TEXT.differs}</span>}
              </TableCell>
              {values.map((value, i) => (
                <TableCell key={cards[i].id}>{value}</TableCell>
              ))}
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </div>
  );
}
