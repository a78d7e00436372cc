// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { createRef } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { ChartFrame, type ChartValue } from './ChartFrame';

const values: ChartValue[] = [
  { series: 'this stitch', at: '1', value: '12', datasetIndex: 2, index: 0 },
  { series: 'this stitch', at: '2', value: '30', datasetIndex: 2, index: 1 },
  { series: '3 mm long', at: '1', value: '9', datasetIndex: 0, index: 0 },
];

function drawn() {
  const chart = createRef() as { current: unknown };
  const shown = vi.fn();
  chart.current = { setActiveElements: shown, tooltip: { setActiveElements: vi.fn() }, update: vi.fn() };
  render(
    <ChartFrame
      label="Give by width"
      height={200}
      columns={{ at: 'width, mm', value: 'gives at least, %' }}
      values={values}
      chart={chart as never}
    >
      <canvas />
    </ChartFrame>,
  );
  return { shown, press: (key: string) => fireEvent.keyDown(screen.getByRole('img'), { key }) };
}

describe('a chart under the arrow keys', () => {
  afterEach(cleanup);

  it('says one value after the other, and shows where it stands', () => {
    const { shown, press } = drawn();
    press('ArrowRight');
    expect(screen.getByText('this stitch, 1: 12')).toBeTruthy();
    press('ArrowRight');
    expect(screen.getByText('this stitch, 2: 30')).toBeTruthy();
    expect(shown).toHaveBeenLastCalledWith([{ datasetIndex: 2, index: 1 }]);
    press('ArrowLeft');
    expect(screen.getByText('this stitch, 1: 12')).toBeTruthy();
  });

  it('stops at both ends', () => {
    const { press } = drawn();
    press('ArrowLeft');
    expect(screen.getByText('this stitch, 1: 12')).toBeTruthy();
    press('End');
    press('ArrowRight');
    expect(screen.getByText('3 mm long, 1: 9')).toBeTruthy();
    press('Home');
    expect(screen.getByText('this stitch, 1: 12')).toBeTruthy();
  });

  it('shows nothing any more once the keys are elsewhere', () => {
    const { shown, press } = drawn();
    press('End');
    fireEvent.blur(screen.getByRole('img'));
    expect(shown).toHaveBeenLastCalledWith([]);
    expect(screen.queryByText('3 mm long, 1: 9')).toBeNull();
  });

  it('has all its numbers as a table, one press away', () => {
    drawn();
    expect(screen.queryByRole('table')).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'The numbers' }));
    expect(screen.getAllByRole('row').map((row) => row.textContent)).toEqual([
      'Whichwidth, mmgives at least, %',
      'this stitch112',
      'this stitch230',
      '3 mm long19',
    ]);
  });
});
