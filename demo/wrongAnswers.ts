import type { Family } from '../src/core/cloth';
import type { OperationKind } from '../src/core/setup';

/** The wrong answer that a row would refute, by its cloth. */
const WRONG_BY_FAMILY: Readonly<Record<Family, string>> = {
  jersey: 'A straight seam, which pops, or a sharp point, which cuts the loops',
  'slinky-jersey': 'Normal pressure, under which it comes out long',
  rib: 'A narrow zigzag at normal pressure',
  'double-knit': 'The lightest pressure and a wide zigzag, as on jersey',
  scuba: 'Needle and stitch for foam',
  fleece: 'A hot iron, and pieces cut both ways',
  'sweater-knit': 'A fine needle by its open look, at normal pressure',
  swim: 'Plain polyester and a ballpoint, which skip and pop',
  lace: 'A needle by its weight alone, without tissue',
  mesh: 'A knot of back-stitches that is felt',
  'faux-fur': 'Pile left in the allowances, and an iron',
  terry: 'Short stitches that drown in the loops',
  lawn: 'A needle 80 and thick thread',
  poplin: 'A short stitch that crowds its yarns',
  linen: 'A cool iron, for want of a fibre',
  'viscose-woven': 'The standard foot, under which it creeps',
  wool: 'A dry hot iron without a cloth',
  denim: 'A universal needle, and cotton thread because its number is nearer',
  canvas: 'A universal 80',
  corduroy: 'Normal pressure, and a needle by grams of pile',
  silk: 'Back-stitching, and a plain seam that frays',
  satin: 'Pins across the seam, whose holes stay',
  chiffon: 'A needle 75 and 2.5 mm',
  lining: 'A French seam inside a coat, or the walking foot',
  velvet: 'Normal pressure under a plain foot: the piles walk',
  'double-gauze': 'A sharp point that splits its yarns',
  ripstop: 'Short stitches and pins, whose holes leak',
  neoprene: 'A plain seam with allowances, pinned',
  leather: 'A ballpoint, short stitches, and an iron',
  suede: 'Pieces cut both ways, and stitches of 2 mm',
  vinyl: 'A cutting point, which leaves slits',
  waterproof: 'A thick needle: every hole leaks',
  sequins: 'An iron, and pins that bend',
  'hand-woven': 'A sharp point, and narrow allowances',
  'quilt-sandwich': 'A seam pressed open through two waddings',
  other: 'An iron at 200 °C on a fibre that nobody knows',
};

/** The same by what is sewn, where that counts for more than the cloth. */
const WRONG_BY_KIND: Readonly<Partial<Record<OperationKind, string>>> = {
  hem: 'One single line on a knit, or two folds where one is a ridge',
  topstitch: 'Back-stitches that show, and thick thread below as well',
  'zip-centred': 'A standard foot beside the coil',
  'zip-concealed': 'Any foot that cannot get into the groove',
  'zip-exposed': 'A seam where a window is meant',
  baste: 'Ends that are knotted and have to be cut',
  gather: 'Normal tension and secured ends: nothing can be drawn up',
  buttonhole: 'Dense columns where holes stay, and full tension',
  'bar-tack': 'A line instead of a dense bar, or a dense bar in leather',
  dart: 'Back-stitches at the point',
  'quilt-lines': 'A standard foot, which pushes the top ahead',
  'strip-join': 'A stitch of 2.5 mm that opens where strips are cut across',
  elastic: 'A straight stitch, or a refusal because the fabric does not stretch',
};

/**
 * The wrong answer that a case would refute.
 *
 * @param family - the cloth
 * @param kind - what is sewn
 */
export const wrongAnswer = (family: Family, kind: OperationKind): string =>
  WRONG_BY_KIND[kind] ?? WRONG_BY_FAMILY[family];
