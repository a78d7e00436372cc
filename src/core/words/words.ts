/** One word of the trade or of Bobbet's: what it means in a line, and what else it is called. */
export interface Word {
  word: string;
  means: string;
  also?: string;
}

/** Where a word stands on the page of words. */
export const wordId = (word: string): string => word.toLowerCase().replace(/[^a-z0-9]+/g, '-');

/** Words that Bobbet uses in its own way, and those of the trade that a beginner asks about. */
export const WORDS: readonly { group: string; words: readonly Word[] }[] = [
  {
    group: 'In Bobbet',
    words: [
      { word: 'Fabric', means: 'The material you sew: woven, knit, leather, foam, vinyl.', also: 'cloth, material' },
      {
        word: 'Settings',
        means: 'Everything the machine is set to: needle, thread, foot, plate, stitch and every dial.',
      },
      {
        word: 'Swatch',
        means: 'A scrap of the same fabric, with as many layers as the seam, to try settings on.',
        also: 'test scrap',
      },
      { word: 'Test', means: 'One row of stitching on a swatch, with its settings and what you saw and measured.' },
      {
        word: 'Settings card',
        means: 'Settings that passed a test, kept with the fabric, the machine and the measurements.',
      },
      { word: 'Confirmed by a test', means: 'A card says these settings passed on this fabric and this machine.' },
      {
        word: 'Out of date',
        means: 'Something has changed since the test: the needle, the thread, the dials, the fabric.',
      },
      { word: 'Project', means: 'The thing you are making.' },
      { word: 'Seam', means: 'In a project: one operation, such as a side seam, a zip or a hem.' },
      { word: 'Sewing log', means: 'Everything that has happened: tests, cards, seams, needles and machine care.' },
      {
        word: 'On the machine',
        means: 'What is threaded and dialled now. It is the bar at the bottom of every page.',
        also: 'machine bar',
      },
      { word: 'Stretch it needs', means: 'How far the seam must stretch in wear, in percent.' },
      { word: 'Stretch the seam has', means: 'How far the stitching can stretch before the thread takes the load.' },
      { word: 'Risk', means: 'How likely a fault is, by estimate: low, some or high.' },
      {
        word: 'Confidence',
        means: 'In percent, how far Bobbet trusts its own settings. Measuring and testing raise it.',
      },
      { word: 'Simulated machine', means: 'A machine that exists only in Bobbet, to practise reading a swatch.' },
      {
        word: 'Approach',
        means: 'One of several good ways of doing something. You choose which you use.',
        also: 'school',
      },
      { word: 'Archive', means: 'Take something off your lists without deleting it.' },
    ],
  },
  {
    group: 'Fabric',
    words: [
      { word: 'Grain', means: 'The direction of the yarns. Along the grain means along the selvedge.' },
      { word: 'Selvedge', means: 'The finished edge down each side of a fabric.', also: 'selvage' },
      { word: 'Bias', means: 'The diagonal of a woven fabric, where it stretches most.' },
      {
        word: 'Nap, pile',
        means: 'A surface that lies one way, such as velvet or corduroy. Cut all pieces the same way.',
      },
      { word: 'Recovery', means: 'How well a fabric goes back to its length after you stretch it.' },
      { word: 'Ease', means: 'A longer edge sewn to a shorter one without pleats.' },
      { word: 'Wadding', means: 'The soft layer inside a quilt.' },
      { word: 'Interfacing', means: 'A layer behind the fabric that stiffens it: fused or sewn in.' },
      { word: 'Stay tape', means: 'A narrow tape that stops an edge from stretching.' },
      { word: 'Weight', means: 'Grams for a square metre (g/m²), ounces for a square yard, or momme for silk.' },
    ],
  },
  {
    group: 'Machine',
    words: [
      { word: 'Feed teeth', means: 'The toothed bars under the foot that move the fabric.', also: 'feed dogs' },
      { word: 'Needle plate', means: 'The metal plate under the foot, with the hole for the needle.' },
      {
        word: 'Take-up lever',
        means: 'The arm that goes up and down and pulls the thread. Start and stop with it at its highest.',
      },
      { word: 'Handwheel', means: 'The wheel on the right. Turn it towards you to sew stitch by stitch.' },
      { word: 'Hook', means: 'The part under the plate that catches the thread from the needle.' },
      { word: 'Presser pressure', means: 'How hard the foot presses on the fabric.' },
      { word: 'Shank', means: 'Where the foot fits on the machine: low, high or slanting.' },
      { word: 'Needle point', means: 'Sharp for wovens, ballpoint or stretch for knits, cutting for leather.' },
      {
        word: 'Needle size',
        means: 'Hundredths of a millimetre, and an older number: 80/12 is 0.80 mm thick.',
        also: 'Nm',
      },
      { word: 'Tex', means: 'How thick a thread is: grams for a kilometre. Other systems are converted.' },
      { word: 'Creep', means: 'One layer feeding faster than the other, so that they end uneven.' },
    ],
  },
  {
    group: 'Sewing',
    words: [
      { word: 'Seam allowance', means: 'The fabric between the seam and the raw edge.' },
      { word: 'Tack', means: 'Sew with long stitches that you pull out later.' },
      { word: 'Backstitch', means: 'A few stitches back over the seam to secure its end.' },
      { word: 'Leader scrap', means: 'A scrap you sew on first, so that the real edge is not pulled into the plate.' },
      { word: 'Stay-stitch', means: 'A row just inside the seam line that stops a curve from stretching.' },
      { word: 'Understitch', means: 'A row on the facing, close to the seam, that keeps the facing inside.' },
      { word: 'Grade', means: 'Trim the layers of an allowance to different widths, so that no ridge shows.' },
      { word: 'Snip', means: 'Cut into the allowance of a hollow curve so that it can spread.', also: 'clip' },
      { word: 'Wedge', means: 'A small triangle cut out of the allowance of a round curve so that it lies flat.' },
      { word: 'Notch', means: 'A mark on the edge of a pattern piece that meets the same mark on another.' },
      { word: 'Bulky seam', means: 'A place where layers pile up, such as a jeans hem over the side seam.' },
      { word: 'Bar tack', means: 'A short, dense zigzag that holds the end of an opening.' },
      { word: 'Stitch in the ditch', means: 'Sew in the groove of a seam, on its lower side.' },
      { word: 'Press cloth', means: 'A cloth between iron and fabric that prevents shine.' },
      { word: 'Ham', means: 'A firm cushion for pressing curves.' },
      { word: 'Clapper', means: 'A block of wood laid on a seam while it cools.' },
      { word: 'Popped', means: 'The thread broke because the seam was stretched too far.' },
      { word: 'Pucker grade', means: 'How smooth a seam is, from 5 (smooth) to 1 (badly puckered).' },
    ],
  },
];
