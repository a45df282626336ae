// Lines that end where others go on with a text: 'Picture:' beside 'Picture: lock.png'.

/** What a line ends with that has no text behind it. */
const OPEN_END = /\p{L}[^\n]*[:=|]\s*$/u;

/** For a line that ends where another goes on: that other line; undefined for all else. */
export function goingOn(lines: readonly string[]): (line: string) => string | undefined {
  const open = new Set(lines.filter((line) => OPEN_END.test(line)));
  const whole = new Map(
    [...open].map((line) => {
      const start = line.trimEnd();
      return [
        line,
        lines.find(
          (other) => other.startsWith(start) && /^\s*[\p{L}\p{N}]/u.test(other.slice(start.length)),
        ),
      ];
    }),
  );
  return (line) => whole.get(line);
}
