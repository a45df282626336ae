// Numbers of automatic lists as they are written.
const ROMAN: readonly (readonly [number, string])[] = [
  [1000, 'm'],
  [900, 'cm'],
  [500, 'd'],
  [400, 'cd'],
  [100, 'c'],
  [90, 'xc'],
  [50, 'l'],
  [40, 'xl'],
  [10, 'x'],
  [9, 'ix'],
  [5, 'v'],
  [4, 'iv'],
  [1, 'i'],
];

function roman(n: number): string {
  let rest = n;
  return ROMAN.map(([value, sign]) => {
    const times = Math.floor(rest / value);
    rest -= times * value;
    return sign.repeat(times);
  }).join('');
}

/** A number of a list as its format writes it, by either standard's name for the format. */
export function figure(n: number, format: string): string {
  switch (format) {
    case 'a':
    case 'lowerLetter':
      return String.fromCharCode(97 + ((n - 1) % 26));
    case 'A':
    case 'upperLetter':
      return String.fromCharCode(65 + ((n - 1) % 26));
    case 'i':
    case 'lowerRoman':
      return roman(n);
    case 'I':
    case 'upperRoman':
      return roman(n).toUpperCase();
    default:
      return String(n);
  }
}
