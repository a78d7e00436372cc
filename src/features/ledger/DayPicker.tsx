'use client';

import { AdapterDateFns } from '@mui/x-date-pickers/AdapterDateFns';
import { DatePicker } from '@mui/x-date-pickers/DatePicker';
import { LocalizationProvider } from '@mui/x-date-pickers/LocalizationProvider';
import { format, isValid, parseISO } from 'date-fns';
import { enGB, enUS } from 'date-fns/locale';

interface Props {
  label: string;
  /** As 2026-11-25; empty for no day. */
  value: string;
  onValue: (value: string) => void;
}

const DAY = 'yyyy-MM-dd';
const PRESSED = { width: 44, height: 44 };
const LOCALE = typeof navigator !== 'undefined' && navigator.language === 'en-US' ? enUS : enGB;

/** One day, typed or picked, in the order the person's English has it. */
export default function DayPicker({ label, value, onValue }: Props) {
  return (
    <LocalizationProvider dateAdapter={AdapterDateFns} adapterLocale={LOCALE}>
      <DatePicker
        label={label}
        value={value === '' ? null : parseISO(value)}
        // Half a date is none yet: what was chosen before holds until the new one is whole.
        onChange={(day) => (day === null ? onValue('') : isValid(day) && onValue(format(day, DAY)))}
        slotProps={{
          textField: { size: 'small', fullWidth: true },
          field: { clearable: true },
          openPickerButton: { sx: PRESSED },
          clearButton: { sx: PRESSED },
        }}
      />
    </LocalizationProvider>
  );
}
