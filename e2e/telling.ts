// Where the benches of the page tell what they measured.
import { appendFileSync } from 'node:fs';

/** Tells a line on the screen and in `.cache/bench.txt`. */
export function tell(line: string): void {
  console.log(line);
  appendFileSync('.cache/bench.txt', `${line}\n`);
}
