// The words people write behind or in front of a number of points. Common practice, no source.

/** Words for points, as alternatives of a pattern. */
export const WORDS_OF_POINTS =
  'points?|pts?|marks?|punkte?|p|puntos?|punto|punti|punten|punt|pontos?|po[aä]ng|pkt|pwynt(?:iau)?';

const ALONE = new RegExp(`^(?:${WORDS_OF_POINTS})$`, 'iu');

/** Whether a word by itself says points. */
export const saysPoints = (word: string): boolean => ALONE.test(word);
