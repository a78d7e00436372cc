import { type Cloth, clothProfile, heatOf } from '../cloth';
import type { Sign } from '../stitch';

/** What can be done about a seam that is in the garment already, the least first. */
export const RESCUE_WAYS = ['leave', 'press', 'mend', 'unpick'] as const;
export type RescueWay = (typeof RESCUE_WAYS)[number];

/** One way: when it is enough or what to do, and on which fabrics. Lengths stand in braces, in millimetres, and follow the person's units. */
interface RescueRow {
  way: RescueWay;
  text: string;
  only?: 'holes stay' | 'stands heat' | 'knit';
}

const leave = (text: string): RescueRow => ({ way: 'leave', text });
const press = (text: string): RescueRow => ({ way: 'press', text, only: 'stands heat' });
const mend = (text: string, only?: RescueRow['only']): RescueRow => ({ way: 'mend', text, ...(only && { only }) });
const unpick = (text: string): RescueRow => ({ way: 'unpick', text });

/**
 * What is done about each sign in a finished seam. Common practice: such a seam is judged pressed, at arm's length and as it hangs.
 */
// prettier-ignore
const RESCUE: Record<Sign, readonly RescueRow[]> = {
  skipped: [leave('One skipped stitch in a seam that bears no load.'), mend('Sew a second time exactly over the gap, {20 mm} beyond it on both sides, with a new needle.'), unpick('Many are skipped: the seam opens later.')],
  'pucker-line': [press('Press along the seam as sewn, then open, with steam the fabric stands. Often it is gone.'), leave('It shows only close up, or the seam lies inside.'), unpick('It still shows at arm’s length after pressing.')],
  'pucker-away': [press('Press both layers flat separately, then the seam as sewn.'), unpick('One layer is longer than the other: match the marks again.')],
  wavy: [press('Hold the iron {25 mm} above, steam, let it shrink back and go cold before you move it. Do not push.'), mend('Pull the bobbin thread from one end, a little at a time, as far as the seam lies flat; tie it off.', 'knit'), unpick('It still waves when it hangs: sew again with less presser pressure or a walking foot.')],
  'uneven-layers': [mend('Trim the ends level where the difference lies in an allowance or a hem.'), unpick('Marks or stripes do not meet: sew that stretch again from the last mark that does.')],
  bowed: [press('Press the strip straight from the seam outwards, cold before the next.'), unpick('It stays bowed: sew it again from the other end.')],
  popped: [mend('Sew over the gap with a stitch that stretches, {20 mm} beyond it on both sides.'), unpick('It pops at several places: the seam does not stretch enough. Sew it again with a stretch stitch.')],
  grinning: [mend('Sew a second time just inside the first row, a little tighter.'), unpick('It shows from outside along the whole seam: tension first, then again.')],
  tunnel: [press('Press it flat over a towel, right side down.'), leave('On a hem that is not seen.'), unpick('It stays as a ridge: sew with less top tension, or tape in the hem.')],
  chewed: [mend('Cut the threads underneath, ease the fabric out with the handwheel. Start again a little further on.'), unpick('The corner is torn: hide it in the allowance, or face it with a scrap.')],
  nest: [mend('Cut the nest from below, never pull. Unpick {20 mm} back to good stitches and go on from there.')],
  'loops-below': [leave('Basting, or a seam that bears no load and is not seen.'), unpick('The seam opens when you pull on the loops: it is threaded wrong on top. Sew it again.')],
  'loops-above': [leave('A seam that bears no load and is not seen.'), unpick('It shows, or the seam opens under a pull: sew it again.')],
  holes: [press('Dampen, rub along the grain with a fingernail, press: yarns often close over small holes.'), mend('Fuse a scrap of light interfacing behind them before they run.', 'stands heat'), mend('Sew a hair inside the first row, with a longer stitch and a fine needle.', 'holes stay')],
  perforated: [mend('Back the seam with a strip of tape or stay, and sew beside the old row with a longer stitch.'), mend('Do not sew over the old holes again: they tear along the line.', 'holes stay')],
  'hump-stall': [mend('Unpick the short stitches at the bump, level the foot behind it with folded fabric, sew over with the handwheel.')],
  'needle-broke': [mend('Find every piece of the needle first. Then unpick {20 mm} back and go on with a new needle.')],
  shreds: [mend('Unpick {20 mm} back, change the needle, go on over the last good stitches.')],
  'thread-broke': [mend('Start {20 mm} back, exactly over the old row; pull all four ends to the back and tie them.')],
  'uneven-length': [leave('Inside, where it bears no load.'), unpick('It is topstitching, and shows: the whole row again, from one corner to the next.')],
  'no-feed': [mend('Unpick the heap of short stitches; it would show as a hard spot. Go on from the last good stitch.')],
  slippage: [mend('Sew a second row {2 mm} further in, with tape over the seam, before it carries load.'), unpick('Yarns have parted from the seam: it needs a wider allowance, felled or taped.')],
  marks: [press('Steam from the wrong side without touching; brush pile against its lie.'), leave('Marks often come out with the first wash: try on the scrap first.')],
  shine: [press('A damp cloth, steam held above, then brush. Press only from the wrong side from now on.'), leave('Melted fibres stay shiny: place a pocket or trim over it.')],
  'zip-bubble': [mend('Unpick the last {30 mm} of the seam below the zip and close it by hand, beside the coil.'), unpick('It stays: the end of the zip and the seam lie on different lines. Sew the seam end again.')],
  'one-needle-missing': [unpick('The hem opens along that row: both rows again, with a new twin needle, threaded apart.')],
  wandering: [leave('Inside, within {1 mm}.'), mend('Sew the stretch that wanders again on the line, then take out only the old one.'), unpick('It is topstitching, and shows at arm’s length.')],
  'hem-roped': [press('Undo it at one place, steam the fold flat, hold it with clips and sew again there.'), unpick('The layers were pushed along each other: the hem again, held at every quarter.')],
  'band-gapes': [press('Steam the band without touching it, and let it shrink back.'), mend('Run elastic thread through the band on the inside.'), unpick('It stands away when worn: cut the band shorter and sew it again.')],
  'band-puckers': [press('Steam it while you stretch it gently by hand.'), unpick('It does not pass the head, or still puckers: the band is too short.')],
  'zip-rippled': [press('Steam with a cloth over it, zip closed, and let it go cold. Never touch plastic teeth with the iron.'), unpick('The fabric was stretched along the tape: ease it, or put stay tape under it.')],
  'pleat-caught': [mend('Unpick only where it is caught, {20 mm} on both sides; flatten and sew that gap.')],
};

/** What unpicking means on this fabric. */
const UNPICK_WHEN = {
  closes:
    'Cut every third stitch on one side and pull the other thread out; then rub the holes closed along the grain.',
  stays:
    'Every hole stays: do not unpick if it can lie. Else sew the new row inside the allowance beside the old one, or cut that piece again.',
} as const;

/** One way to save a seam, in words. */
export interface Rescue {
  way: RescueWay;
  text: string;
}

/** Cooler than one dot of ISO 3758, °C, an iron is not used at all (common practice). */
const ONE_DOT_C = 110;

/**
 * What can be done about a seam that is wrong and already in the garment: the least first.
 *
 * @param sign - what is seen
 * @param cloth - of what it is; null where that is not known
 * @returns ways in the order to try them; one that unpicks says what becomes of the holes
 */
export function rescueOf(sign: Sign, cloth: Cloth | null): Rescue[] {
  const profile = cloth && clothProfile(cloth);
  const stays = profile?.traits.includes('holes-stay') ?? false;
  const fits: Record<NonNullable<RescueRow['only']>, boolean> = {
    'holes stay': stays,
    'stands heat': cloth === null || heatOf(cloth).ceilingC >= ONE_DOT_C,
    knit: cloth === null || cloth.structure === 'knit',
  };
  const rows = RESCUE[sign].filter(({ only }) => only === undefined || fits[only]);
  return rows.map(({ way, text }) => ({
    way,
    text: way === 'unpick' ? `${text} ${stays ? UNPICK_WHEN.stays : UNPICK_WHEN.closes}` : text,
  }));
}
