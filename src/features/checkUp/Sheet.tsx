import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { MachineRecord } from '@/core/file';
import { formatNumber } from '@/core/units';
import type { CheckUpLine, CheckUpMarks } from '@/core/workroom';
import { useUnits } from '@/parts/workspace';
import { CheckBar } from '@/ui';
import styles from './Print.module.css';
import { CHECK_UP_TEXT } from './text';

const TEXT = CHECK_UP_TEXT.sheet;

interface Props {
  machine: MachineRecord['machine'];
  lines: readonly CheckUpLine[];
  marks: CheckUpMarks;
}

/** The one page that lies at the machine: what to have ready, every line with its setting, and room to write. */
export function Sheet({ machine, lines, marks }: Props) {
  const { say, length } = useUnits();
  const dials = machine.pressureDial ? DIALS : DIALS.filter(({ id }) => id !== 'pressure');
  return (
    <section className={styles.sheet}>
      <h1>{TEXT.title(machine.name)}</h1>
      <p className={styles.date}>{TEXT.date}</p>
      <ul>
        {CHECK_UP_TEXT.need.map((one) => (
          <li key={one}>{say(one)}</li>
        ))}
      </ul>
      <CheckBar />
      <Table size="small">
        <TableHead>
          <TableRow>
            <TableCell>{TEXT.number}</TableCell>
            {dials.map(({ id }) => (
              <TableCell key={id}>{TEXT.dial[id]}</TableCell>
            ))}
            <TableCell>{TEXT.write}</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {lines.map((line, i) => (
            <TableRow key={line.number} data-first={line.part !== lines[i - 1]?.part || undefined}>
              <TableCell>{line.number}</TableCell>
              {dials.map(({ id, read }) => (
                <TableCell key={id} data-turn={read(line) !== (lines[i - 1] && read(lines[i - 1])) || undefined}>
                  {read(line)}
                </TableCell>
              ))}
              <TableCell>{TEXT.write2[line.part]}</TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
      {lines
        .filter((line, i) => line.part !== lines[i - 1]?.part)
        .map(({ part }) => (
          <p key={part}>
            <strong>{CHECK_UP_TEXT.part[part].title}.</strong>{' '}
            {CHECK_UP_TEXT.part[part].how(length(marks.countedMm), length(marks.stripsMm))}
          </p>
        ))}
    </section>
  );
}

/** What is turned, each in its column; what stands otherwise than on the line before is printed bold. */
const DIALS: readonly { id: keyof typeof TEXT.dial; read: (line: CheckUpLine) => string }[] = [
  { id: 'stitch', read: ({ stitch }) => CHECK_UP_TEXT.setting[stitch] },
  { id: 'length', read: ({ lengthMm }) => formatNumber(lengthMm) },
  { id: 'width', read: ({ widthMm }) => (widthMm === 0 ? TEXT.none : formatNumber(widthMm)) },
  { id: 'tension', read: ({ tension }) => formatNumber(tension) },
  { id: 'pressure', read: ({ pressure }) => pressure },
];
