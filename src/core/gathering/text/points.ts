// Points in brackets behind a question, '(2 points)'.

export const POINTS =
  /\s*[([](\d+(?:[.,]\d+)?)\s*(?:points?|pts?|marks?|punkte?|p|puntos?|punto|punti|punten|punt|pontos?|po[aä]ng|pkt|pwynt(?:iau)?)\.?[)\]]\s*$/iu;
