import type { Blocked, BlockedCode } from '../result';

/** Why a picture is not measured, and what to do better. */
const REFUSALS = {
  'photo.picture-empty': 'The picture is one flat colour. Take it again with the swatch in it.',
  'photo.picture-too-small': 'The picture has too few pixels. Take a photo, not a thumbnail of one.',
  'photo.light-dark': 'The picture is too dark. Take it by a window, or with a lamp from the side.',
  'photo.light-burnt': 'The light has burnt out most of the picture. Turn the flash off, or move out of the sun.',
  'photo.scale-missing':
    'No card is seen in the picture. Lay a bank-sized card flat beside the stitching, with all four corners in the picture.',
  'photo.picture-tilted': 'The camera leans too far. Hold it straight above the swatch.',
  'photo.seam-missing':
    'No line of stitching is seen. Go nearer, or sew the test in a thread that stands out from the fabric.',
  'photo.contrast-low':
    'The thread hardly differs from the fabric. Light it from the side, or sew the test in another colour.',
  'photo.picture-blurred':
    'The picture is blurred. Hold still, tap the stitching to focus, and keep a hand’s width away.',
  'photo.stitches-too-small':
    'The stitches are too small in the picture. Go nearer, or use a picture with more pixels.',
  'photo.seam-too-short': 'Too few stitches are in the picture. Show at least eight of them.',
  'photo.stitch-not-read':
    'A line is seen, but its stitches are not told apart. Light it from the side; only straight stitch and zigzag can be read.',
} as const satisfies Partial<Record<BlockedCode, string>>;

export type PhotoRefusal = keyof typeof REFUSALS;

/** Refuses a picture, with what to do better. */
export const refused = (code: PhotoRefusal): { blocked: Blocked[] } => ({ blocked: [{ code, text: REFUSALS[code] }] });

/** The same as a number over its limit. */
export const refusedBy = (code: PhotoRefusal, actual: number, limit: number, unit: string): { blocked: Blocked[] } => ({
  blocked: [{ code, text: REFUSALS[code], actual, limit, unit }],
});
