import { describe, expect, it } from 'vitest';
import { clothProfile } from './profile';
import { clothOfMeaning, hearName, massInName } from './readName';

/** What one would sign of each name: family, structure, g/m² from … to (common practice, UK and US; weights from memory). */
// prettier-ignore
const SIGNED: readonly (readonly [family: string, structure: string, from: number, to: number, names: string])[] = [
  ['jersey', 'knit', 140, 220, 'jersey, T-shirt jersey, single jersey, cotton jersey, merino, slub jersey, Interlock, cotton spandex jersey, wool jersey'],
  ['slinky-jersey', 'knit', 140, 230, 'viscose jersey, rayon jersey, bamboo jersey, rayon spandex, ITY, modal, silk jersey, DBP, double brushed poly'],
  ['rib', 'knit', 200, 320, 'rib, ribbing, 2x2 rib, cuffing, tubular rib'],
  ['double-knit', 'knit', 260, 340, 'ponte, ponte de roma, double knit, French terry, loopback jersey, sweatshirting, jeggings, milano, punto'],
  ['scuba', 'knit', 220, 340, 'scuba, scuba crepe, techno crepe, spacer, 3D mesh'],
  ['fleece', 'knit', 200, 300, 'fleece, polar fleece, microfleece, minky, plush, velour, stretch velvet'],
  ['sweater-knit', 'knit', 250, 400, 'sweater knit, chunky knit, hacci, cable knit, pointelle, jumper knit'],
  ['swim', 'knit', 170, 230, 'swimwear, leggings, activewear, nylon spandex, yoga fabric, dancewear'],
  ['mesh', 'knit', 20, 120, 'mesh, power mesh, powernet, tulle, net, illusion, soft tulle'],
  ['lace', 'knit', 80, 160, 'lace, stretch lace, guipure, Chantilly, corded lace'],
  ['faux-fur', 'knit', 400, 700, 'faux fur, fake fur, sherpa, teddy'],
  ['lawn', 'woven', 60, 105, 'lawn, cotton lawn, batiste, cambric, voile, organdy, dotted Swiss, cheesecloth'],
  ['poplin', 'woven', 105, 180, 'poplin, shirting, broadcloth, sateen, gingham, madras, quilting cotton, batik, broderie anglaise, oxford, chambray, seersucker, cotton flannel, plissé, chintz, percale'],
  ['double-gauze', 'woven', 100, 150, 'double gauze, cotton gauze, crinkle gauze'],
  ['linen', 'woven', 150, 230, 'linen, handkerchief linen, linen viscose, ramie, hemp'],
  ['viscose-woven', 'woven', 100, 140, 'viscose, rayon, challis, rayon challis, lyocell, cupro, viscose crepe, crepe, marocain'],
  ['canvas', 'woven', 220, 400, 'canvas, duck, sailcloth, upholstery, gabardine, cotton drill, twill, chino, cavalry twill, moleskin'],
  ['denim', 'woven', 300, 420, 'denim, stretch denim, selvedge denim'],
  ['corduroy', 'woven', 200, 340, 'corduroy, needlecord, babycord, jumbo cord, fine wale'],
  ['velvet', 'woven', 200, 320, 'velvet, velveteen, crushed velvet, devoré, silk velvet'],
  ['terry', 'woven', 300, 450, 'terry cloth, towelling, toweling, waffle, terrycloth, chenille'],
  ['hand-woven', 'woven', 200, 350, 'hand-woven, handwoven, khadi, ikat'],
  ['wool', 'woven', 220, 340, 'wool, tweed, suiting, worsted, herringbone, tartan, wool crepe, wool flannel, bouclé, houndstooth'],
  ['wool', 'woven', 380, 480, 'melton, coating, loden, overcoating, cashmere coating, coat-weight wool'],
  ['wool', 'knit', 330, 420, 'boiled wool'],
  ['silk', 'woven', 40, 110, 'silk, habotai, pongee, raw silk, dupioni, dupion, shantung, crepe de chine, crêpe de Chine, silk twill'],
  ['satin', 'woven', 80, 140, 'satin, charmeuse, duchess satin, taffeta, brocade, crepe back satin, silk satin'],
  ['chiffon', 'woven', 25, 60, 'chiffon, georgette, organza, silk organza, silk chiffon'],
  ['lining', 'woven', 50, 100, 'lining, acetate lining, cupro lining, viscose lining'],
  ['ripstop', 'woven', 40, 90, 'ripstop, ripstop nylon, kite cloth, spinnaker'],
  ['waterproof', 'coated', 120, 320, 'waterproof, PUL, softshell, rainwear, laminate'],
  ['vinyl', 'coated', 200, 700, 'vinyl, PVC, faux leather, oilcloth, leatherette, laminated cotton, cork fabric'],
  ['neoprene', 'foam', 500, 900, 'neoprene, wetsuit fabric'],
  ['leather', 'hide', 600, 1000, 'leather, nappa, lambskin, cowhide'],
  ['suede', 'hide', 450, 750, 'suede, nubuck'],
  ['sequins', 'layered', 200, 400, 'sequins, sequined, sequin mesh'],
  ['quilt-sandwich', 'layered', 300, 550, 'quilted cotton, quilt sandwich, pre-quilted'],
];

const rows = SIGNED.flatMap(([family, structure, from, to, names]) =>
  names.split(', ').map((name) => [name, family, structure, from, to] as const),
);

describe('practice: names as they are typed or read on a label', () => {
  it('are at least 150', () => expect(new Set(rows.map(([name]) => name)).size).toBeGreaterThanOrEqual(150));

  it.each(rows)('%s: %s, %s', (name, family, structure, from, to) => {
    const { cloth, question } = hearName(name);
    expect(question).toBeNull();
    expect(cloth).toMatchObject({ family, structure });
    const { massGsm } = clothProfile({ ...cloth!, traits: cloth!.traits });
    expect(massGsm.value).toBeGreaterThanOrEqual(from);
    expect(massGsm.value).toBeLessThanOrEqual(to);
  });

  it.each([
    ['muslin', /muslin/],
    ['calico', /calico/],
    ['flannel', /flannel/],
    ['brushed cotton', /flannel/],
    ['cotton spandex', /knit or a woven/],
    ['pique', /knit or a woven/],
    ['cashmere', /knit or a woven/],
    ['mystery remnant', /knit or a woven/],
    ['zzz', /knit or a woven/],
  ])('%s asks one question and guesses nothing', (name, asks) => {
    const { cloth, question } = hearName(name);
    expect(cloth).toBeNull();
    expect(question!.asks).toMatch(asks);
    for (const meaning of question!.meanings) expect(clothOfMeaning(meaning, name).structure).toBeTruthy();
  });

  it.each([
    ['12 oz denim', 407],
    ['Denim 14.5 oz', 492],
    ['19 momme silk', 82],
    ['French terry 280 gsm', 280],
    ['Jersey, 180 g/m²', 180],
    ['2x2 rib', undefined],
  ])('%s weighs %s', (name, gsm) => expect(massInName(name)).toBe(gsm));

  it('the later of two names is the thing, and accents and case do not matter', () => {
    expect(hearName('Silk SATIN').cloth?.family).toBe('satin');
    expect(hearName('crêpe de Chine').cloth?.family).toBe('silk');
    expect(hearName('12 oz denim').cloth?.massGsm).toBe(407);
    expect(hearName('').question).toBeNull();
  });

  it('a meaning that was picked keeps the weight the name says', () => {
    const [soft] = hearName('muslin 90 gsm').question!.meanings;
    expect(clothOfMeaning(soft, 'muslin 90 gsm')).toMatchObject({ family: 'double-gauze', massGsm: 90 });
  });
});
