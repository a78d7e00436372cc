// @vitest-environment jsdom
import { act, cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import * as z from 'zod';
import { numberAsk } from '@/core/units';
import { ErrorSummary, FormSelect, FormText, numberText, type ReadTexts, useDraftForm, useReadForm } from '.';

const COUNT = numberAsk('count', 'metric', { least: 1, most: 20, whole: true });
const schema = z.object({
  kind: z.string(),
  count: numberText(COUNT),
  where: z.string().trim().min(1, 'Say where.'),
});
const START = { kind: 'spool', count: '', where: '' };
let kept: unknown[] = [];
/** What storing waits for. */
let storing: Promise<void> = Promise.resolve();

function Shelf() {
  const form = useDraftForm('shelf', schema, START);
  const { control, handleSubmit, clear } = form;
  return (
    <form
      noValidate
      aria-label="Shelf"
      onSubmit={(event) =>
        void handleSubmit(async (value) => {
          kept.push(value);
          await storing;
          clear({ where: value.where });
        })(event)
      }
    >
      <ErrorSummary form={form} labels={{ count: 'How many', where: 'Where' }} />
      <FormSelect
        control={control}
        name="kind"
        label="Kind"
        options={[
          ['cone', 'Cone'],
          ['spool', 'Spool'],
        ]}
      />
      <FormText control={control} name="count" label="How many" ask={COUNT} />
      <FormText control={control} name="where" label="Where" />
      <button type="submit">Keep</button>
    </form>
  );
}

const type = async (label: string, value: string) => {
  await act(async () => {
    fireEvent.change(screen.getByRole('textbox', { name: label }), { target: { value } });
    await Promise.resolve();
  });
};
const press = async (name: string) => {
  await act(async () => {
    fireEvent.click(screen.getByRole('button', { name }));
    await Promise.resolve();
  });
};

describe('a form that keeps its draft', () => {
  beforeEach(() => {
    localStorage.clear();
    kept = [];
  });
  afterEach(cleanup);

  it('hands out what the texts are worth, and starts again with what the next one begins with', async () => {
    render(<Shelf />);
    await type('How many', 'about three');
    await type('Where', ' top drawer ');
    await press('Keep');
    await waitFor(() => expect(kept).toEqual([{ kind: 'spool', count: 3, where: 'top drawer' }]));
    await waitFor(() => expect(screen.getByRole<HTMLInputElement>('textbox', { name: 'How many' }).value).toBe(''));
    expect(screen.getByRole<HTMLInputElement>('textbox', { name: 'Where' }).value).toBe('top drawer');
  });

  it('says beside a field what is wrong as soon as it is typed, and what may have been meant', async () => {
    render(<Shelf />);
    await type('How many', '21');
    expect(await screen.findByText(/^At most 20 here/)).toBeTruthy();
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('stores nothing until it is right: the summary takes the focus and leads to each field', async () => {
    render(<Shelf />);
    await press('Keep');
    const summary = await screen.findByRole('alert');
    await waitFor(() => expect(document.activeElement).toBe(summary));
    expect(summary.textContent).toContain('2 things to correct');
    expect(kept).toEqual([]);
    await press('Where');
    await waitFor(() => expect(document.activeElement).toBe(screen.getByRole('textbox', { name: 'Where' })));
    await type('Where', 'shelf');
    await waitFor(() => expect(screen.getByRole('alert').textContent).toContain('One thing to correct'));
  });

  it('is sent once, however often it is pressed while it is stored; what was typed goes when that is through', async () => {
    let through = () => {};
    storing = new Promise((done) => (through = done));
    render(<Shelf />);
    await type('How many', '3');
    await type('Where', 'shelf');
    await press('Keep');
    await waitFor(() => expect(kept).toHaveLength(1));
    await press('Keep');
    expect(screen.getByRole<HTMLInputElement>('textbox', { name: 'How many' }).value).toBe('3');
    through();
    await waitFor(() => expect(screen.getByRole<HTMLInputElement>('textbox', { name: 'How many' }).value).toBe(''));
    expect(kept).toHaveLength(1);
    storing = Promise.resolve();
    await type('How many', '4');
    await press('Keep');
    await waitFor(() => expect(kept).toHaveLength(2));
  });

  it('what was typed is there again after the page was left', async () => {
    const { unmount } = render(<Shelf />);
    await type('Where', 'attic');
    unmount();
    render(<Shelf />);
    await waitFor(() => expect(screen.getByRole<HTMLInputElement>('textbox', { name: 'Where' }).value).toBe('attic'));
  });
});

/** Two marks of a dial: the second must be the higher one. */
function Marks() {
  const form = useReadForm(
    'marks',
    ({ low, high }: { low: string; high: string }): ReadTexts<{ low: number; high: number }> => {
      const missing = Object.entries({ low, high }).flatMap(([field, text]) => (text === '' ? [field] : []));
      if (missing.length > 0) return { value: null, missing, problems: {} };
      return Number(high) > Number(low)
        ? { value: { low: Number(low), high: Number(high) }, problems: {} }
        : { value: null, problems: { high: 'Higher than the first.' } };
    },
    { low: '', high: '' },
  );
  return (
    <form noValidate onSubmit={(event) => void form.handleSubmit((value) => void kept.push(value))(event)}>
      <ErrorSummary form={form} labels={{ low: 'Low', high: 'High' }} />
      <FormText control={form.control} name="low" label="Low" />
      <FormText control={form.control} name="high" label="High" />
      <button type="submit">Keep</button>
    </form>
  );
}

describe('a form that is read as a whole', () => {
  beforeEach(() => {
    localStorage.clear();
    kept = [];
  });
  afterEach(cleanup);

  it('says what is still to be filled in, and only once it was tried', async () => {
    render(<Marks />);
    await type('Low', '3');
    expect(screen.queryByText('Fill this in.')).toBeNull();
    await press('Keep');
    expect((await screen.findByRole('alert')).textContent).toContain('High: Fill this in.');
    expect(kept).toEqual([]);
  });

  it('keeps nothing that does not go together, and all of it once it does', async () => {
    render(<Marks />);
    await type('Low', '3');
    await type('High', '3');
    await press('Keep');
    expect((await screen.findByRole('alert')).textContent).toContain('Higher than the first.');
    await type('High', '4');
    await press('Keep');
    await waitFor(() => expect(kept).toEqual([{ low: 3, high: 4 }]));
  });
});
