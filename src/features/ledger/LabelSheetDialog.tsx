'use client';

import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useWatch } from 'react-hook-form';
import type { Card } from '@/core/card';
import { PAPERS } from '@/core/geometry';
import { labelPlaces, type LabelSheet, labelSheetSchema, USUAL_LABEL_SHEET } from '@/core/ledger';
import { fieldText, lengthAsk, numberAsk, type UnitSystem } from '@/core/units';
import { ErrorSummary, FormSelect, FormText, type ReadTexts, useReadForm } from '@/parts/forms';
import { usePreference } from '@/data';
import { usePdfFile } from '@/parts/paper';
import { useUnits } from '@/parts/workspace';
import { typedNumbers, useLongWork, Working } from '@/ui';
import { LABEL_SHEET_TEXT as TEXT } from './text';

interface Props {
  /** What labels are made of. */
  cards: readonly Card[];
  onClose: () => void;
}

const FIELDS = ['across', 'down', 'sideMm', 'topMm', 'gapMm'] as const;

const LABELS = Object.fromEntries([...FIELDS, 'paper' as const].map((key) => [key, TEXT[key]]));

const asksIn = (system: UnitSystem) => {
  const count = (most: number) => numberAsk('count', system, { least: 1, most, whole: true, usual: 3 });
  const length = (most: number) => lengthAsk(system, 10, { least: 0, most });
  return { across: count(10), down: count(30), sideMm: length(60), topMm: length(60), gapMm: length(20) };
};

function readIn(asks: ReturnType<typeof asksIn>) {
  return (texts: Record<string, string>): ReadTexts<LabelSheet> => {
    const { value, missing, problems } = typedNumbers(
      texts,
      FIELDS.map((key) => ({ key, ask: asks[key] })),
    );
    const sheet = labelSheetSchema.safeParse({ ...value, paper: texts.paper });
    if (!value || !sheet.success) return { value: null, missing, problems };
    const made = labelPlaces(sheet.data);
    return made.ok ? { value: sheet.data, problems: {} } : { value: null, problems: { [made.field]: made.text } };
  };
}

/** What the packet of ready-cut labels says, a picture of the sheet, and the file. */
export function LabelSheetDialog({ cards, onClose }: Props) {
  const units = useUnits();
  const { system } = units;
  const address = usePreference('bobbetAddress');
  const asks = asksIn(system);
  const read = readIn(asks);
  const usual = Object.fromEntries(FIELDS.map((key) => [key, fieldText(USUAL_LABEL_SHEET[key], asks[key])]));
  const start: Record<string, string> = { ...usual, paper: USUAL_LABEL_SHEET.paper };
  const form = useReadForm('label-sheet', read, start);
  const sheet = read({ ...start, ...useWatch({ control: form.control }) } as Record<string, string>).value;
  const making = useLongWork();
  const file = usePdfFile(making);
  const save = form.handleSubmit(async (made) => {
    await file(TEXT.file, async (type, told) =>
      (await import('./pdf')).labelsPdf(cards, made, type, { ...units, address }, told),
    );
    onClose();
  });
  return (
    <Dialog open onClose={onClose} aria-labelledby="label-sheet" maxWidth="sm" fullWidth>
      <form noValidate onSubmit={(event) => void save(event)}>
        <DialogTitle id="label-sheet" component="h2">
          {TEXT.title}
        </DialogTitle>
        <DialogContent
          sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', sm: '1fr 180px' }, alignItems: 'start' }}
        >
          <Typography sx={{ gridColumn: '1 / -1' }}>{TEXT.about}</Typography>
          <Stack spacing={2}>
            <ErrorSummary form={form} labels={LABELS} />
            <FormSelect
              control={form.control}
              name="paper"
              label={TEXT.paper}
              options={PAPERS.map(({ id, name }) => [id, name] as const)}
            />
            {FIELDS.map((key) => (
              <FormText key={key} control={form.control} name={key} label={TEXT[key]} ask={asks[key]} />
            ))}
          </Stack>
          {sheet && <Preview sheet={sheet} count={cards.length} />}
        </DialogContent>
        <DialogActions sx={{ px: 3, pb: 2 }}>
          <Working work={making} label={TEXT.making} />
          <Button onClick={onClose}>{TEXT.cancel}</Button>
          <Button type="submit" variant="contained" disabled={making.share !== null}>
            {TEXT.save}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}

/** The first sheet at a small scale; what is printed on is filled. */
function Preview({ sheet, count }: { sheet: LabelSheet; count: number }) {
  const made = labelPlaces(sheet);
  const { widthMm, heightMm } = PAPERS.find(({ id }) => id === sheet.paper)!;
  if (!made.ok) return null;
  const says = TEXT.preview(count, Math.ceil(count / made.places.length));
  return (
    <figure style={{ margin: 0 }}>
      <svg viewBox={`0 0 ${widthMm} ${heightMm}`} role="img" aria-label={says} width="100%">
        <rect width={widthMm} height={heightMm} fill="var(--sheet)" stroke="var(--ink)" strokeWidth="1" />
        {made.places.map((place, i) => (
          <rect
            key={i}
            x={place.xMm}
            y={place.yMm}
            width={place.widthMm}
            height={place.heightMm}
            fill={i < count ? 'var(--green-pale)' : 'none'}
            stroke="var(--ink-2)"
            strokeWidth="0.8"
          />
        ))}
      </svg>
      <Typography component="figcaption" variant="body2">
        {says}
      </Typography>
    </figure>
  );
}
