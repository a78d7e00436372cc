import type { Kit } from './kit';
import { sameThread, type Thread, threadName } from './threads';

/** A needle thread thicker than this is for show: it lies above only (common practice). */
export const THICK_OVER_TEX = 45;
/** What counts as all-purpose, and the size most often meant by it, Tex (common practice). */
const ALL_PURPOSE = { from: 18, usual: 27, to: 45 } as const;

/**
 * The thread for the bobbin.
 *
 * The same as above for seams. Under a thick thread all-purpose thread, which feeds evenly and fills the bobbin less: of the same fibre
 * where one is owned, else polyester, else whatever is nearest in size.
 *
 * @param thread - above
 * @param kit - what is owned
 * @returns the thread below; the same one when nothing else is owned
 * @example
 * bobbinFor({ fibre: 'polyester', tex: 60 }, { threads: [{ fibre: 'polyester', tex: 60 }, { fibre: 'polyester', tex: 27 }] }) // => { fibre: 'polyester', tex: 27 }
 * bobbinFor({ fibre: 'polyester', tex: 40 }, { threads: [{ fibre: 'polyester', tex: 27 }] }) // => { fibre: 'polyester', tex: 40 }
 */
export function bobbinFor(thread: Thread, { threads }: Pick<Kit, 'threads'>): Thread {
  if (thread.tex <= THICK_OVER_TEX) return thread;
  const fit = threads.filter(({ tex }) => tex >= ALL_PURPOSE.from && tex <= ALL_PURPOSE.to);
  const rank = ({ fibre, tex }: Thread) =>
    (fibre === thread.fibre ? 0 : fibre === 'polyester' ? 100 : 200) + Math.abs(tex - ALL_PURPOSE.usual);
  return fit.reduce((best, one) => (best === thread || rank(one) < rank(best) ? one : best), thread);
}

/**
 * Both threads in words, the one below only where it is another one.
 *
 * @param thread - above
 * @param bobbin - below; left out, the same
 * @returns for example `Polyester, Tex 60; bobbin Tex 27`
 * @example
 * threadsName({ fibre: 'polyester', tex: 60 }, { fibre: 'polyester', tex: 27 }) // => 'Polyester, Tex 60; bobbin Tex 27'
 * threadsName({ fibre: 'polyester', tex: 27 }, { fibre: 'polyester', tex: 27 }) // => 'Polyester, Tex 27'
 */
export function threadsName(thread: Thread, bobbin: Thread = thread): string {
  if (sameThread(thread, bobbin)) return threadName(thread);
  const below = bobbin.fibre === thread.fibre ? `Tex ${Math.round(bobbin.tex * 10) / 10}` : threadName(bobbin);
  return `${threadName(thread)}; bobbin ${below}`;
}
