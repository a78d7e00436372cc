/** The two machines of the demo workroom, as their owner told them. Made up. */
import { type Machine, PLAIN_MACHINE } from '../src/core/kit';

const day = (date: string, time = '10:00') => `2026-${date}T${time}:00Z`;

export const green: Machine & { name: string } = {
  ...PLAIN_MACHINE,
  name: 'the green machine',
  stitches: [
    'straight',
    'zigzag',
    'triple-straight',
    'three-step-zigzag',
    'lightning',
    'overlock-like',
    'blind',
    'satin',
    'buttonhole',
  ],
  needleStop: true,
  stitchLabels: {
    straight: '01',
    zigzag: '04',
    'triple-straight': '03',
    'three-step-zigzag': '05',
    lightning: '06',
    'overlock-like': '09',
    blind: '08',
    satin: '12',
    buttonhole: '16',
  },
};
export const black: Machine & { name: string } = {
  ...PLAIN_MACHINE,
  name: 'the boat machine',
  stitches: ['straight'],
  maxLengthMm: 4,
  maxWidthMm: 0,
  plates: ['straight'],
  pressureDial: null,
  tensionDial: { min: 0, max: 9, normal: 5, step: 0.5 },
  extraLiftMm: 0,
  speedSpm: 600,
  needlePositions: 1,
  calibration: {
    length: [
      { id: 'length-1', dialMm: 2, stitches: 46, overMm: 100, at: day('09-20') },
      { id: 'length-2', dialMm: 2, stitches: 47, overMm: 100, at: day('09-20', '10:10') },
      { id: 'length-3', dialMm: 3, stitches: 30, overMm: 100, at: day('09-20', '10:20') },
      { id: 'length-4', dialMm: 4, stitches: 23, overMm: 100, at: day('09-20', '10:30') },
    ],
    width: [],
    bobbin: [{ id: 'bobbin-1', metres: 44, thread: { fibre: 'polyester', tex: 27 }, at: day('09-21') }],
    feed: [],
  },
};
