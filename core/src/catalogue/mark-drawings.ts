/** A stroke of a small drawing, and what its inside shows. */
export interface MarkStroke {
  readonly d: string;
  readonly shows?: 'fat' | 'liquid' | 'bone' | 'dark';
}

const BAG = 'M7 9Q24 4 41 9L44 25Q24 33 4 25Z';
const LOG = 'M6 13Q24 7 40 11Q45 18 41 26Q24 31 7 27Q2 20 6 13Z';
const FACE = 'M10 12Q24 6 38 12Q44 22 36 30Q24 35 12 30Q4 22 10 12Z';
const BIRD = 'M8 20Q10 8 24 7Q38 8 41 20Q38 31 24 32Q11 31 8 20Z';

/** What can be seen on a piece, drawn small: 48 by 38. One that is not here is told by its name alone. */
const MARK_DRAWINGS: Readonly<Record<string, readonly MarkStroke[]>> = {
  liquid: [
    { d: BAG },
    { d: 'M5 21Q12 17 19 21T33 21T43 20L44 25Q24 33 4 25Z', shows: 'liquid' },
    { d: 'M14 12Q24 9 34 12' },
  ],
  gashes: [
    { d: LOG },
    { d: 'M14 12Q17 17 15 21Q12 17 14 12Z', shows: 'dark' },
    { d: 'M27 12Q31 18 28 24Q25 18 27 12Z', shows: 'dark' },
  ],
  'fat-lumps': [
    { d: FACE },
    { d: 'M15 15Q20 12 22 17Q20 21 16 20Q13 18 15 15Z', shows: 'fat' },
    { d: 'M28 20Q34 18 35 23Q33 28 28 26Q25 23 28 20Z', shows: 'fat' },
    { d: 'M19 25Q23 24 23 28Q20 30 18 28Z', shows: 'fat' },
  ],
  silver: [{ d: LOG }, { d: 'M9 15Q24 10 39 13' }, { d: 'M8 19Q24 15 41 17' }, { d: 'M8 23Q24 20 41 22' }],
  'thick-fat': [{ d: FACE }, { d: 'M10 12Q24 6 38 12Q42 17 40 22Q24 15 8 22Q7 16 10 12Z', shows: 'fat' }],
  shiners: [
    { d: 'M4 12Q24 7 44 12L43 29Q24 32 5 29Z' },
    { d: 'M11 13Q14 21 12 28Q8 21 11 13Z', shows: 'bone' },
    { d: 'M23 11Q26 20 24 29Q20 20 23 11Z', shows: 'bone' },
    { d: 'M35 12Q38 20 36 28Q32 20 35 12Z', shows: 'bone' },
  ],
  'long-bones': [
    { d: 'M4 20Q24 16 44 20L43 33Q24 36 5 33Z' },
    { d: 'M10 20L9 5Q11 3 13 5L14 19Z', shows: 'bone' },
    { d: 'M22 18L22 3Q24 1 26 3L26 18Z', shows: 'bone' },
    { d: 'M34 19L35 5Q37 3 39 5L38 20Z', shows: 'bone' },
  ],
  'long-lip': [
    { d: 'M4 16Q10 6 22 8Q31 12 28 22Q22 32 10 29Q2 25 4 16Z' },
    { d: 'M28 14Q36 18 45 15Q46 21 38 24Q31 25 27 24Z', shows: 'fat' },
  ],
  oval: [{ d: FACE }, { d: 'M24 16Q34 13 37 21Q35 28 26 27Q20 22 24 16Z', shows: 'dark' }],
  giblets: [
    { d: 'M6 14Q12 10 22 12Q26 15 22 18Q12 18 7 19Z' },
    { d: 'M31 14Q35 10 39 15Q38 22 33 26Q27 20 31 14Z', shows: 'dark' },
    { d: 'M13 25Q20 22 25 27Q22 33 15 31Q11 28 13 25Z', shows: 'dark' },
  ],
  'torn-skin': [{ d: BIRD }, { d: 'M18 12L22 17L19 20L25 24L22 29L30 22L26 18L29 14Z', shows: 'dark' }],
  'broken-wings': [
    { d: 'M4 12Q12 8 20 14L18 22Q9 22 4 12Z' },
    { d: 'M28 20Q36 20 44 30Q36 34 26 28Z' },
    { d: 'M20 15L24 18L21 21L27 22', shows: 'bone' },
  ],
};

/** The drawing of what can be seen; nothing where there is none. */
export function markDrawing(mark: string): readonly MarkStroke[] {
  return MARK_DRAWINGS[mark] ?? [];
}
