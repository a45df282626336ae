// Holds the list of lint exceptions to its word: each suppressed place has a reason, and no reason covers
// more places than it did when it was written down. `lint-exceptions.json` names them.
import { readFileSync } from 'node:fs';

const read = (name) => JSON.parse(readFileSync(new URL(`../${name}`, import.meta.url), 'utf8'));
const suppressed = read('eslint-suppressions.json');
const reasons = read('lint-exceptions.json');

const covers = ({ under, rules }, file, rule) =>
  under.some((folder) => file.startsWith(folder)) && (!rules || rules.includes(rule));

const counts = reasons.map(() => 0);
const faults = [];
for (const [file, rules] of Object.entries(suppressed)) {
  for (const [rule, { count }] of Object.entries(rules)) {
    const reason = reasons.findIndex((one) => covers(one, file, rule));
    if (reason < 0) {
      faults.push(
        `${file} is excused from ${rule}, and no reason is given in lint-exceptions.json.`,
      );
    } else {
      counts[reason] += count;
    }
  }
}
reasons.forEach(({ because, atMost }, index) => {
  if (counts[index] > atMost) {
    faults.push(
      `"${because}" covers ${counts[index]} places, ${atMost} at most. Mend the new ones.`,
    );
  }
  if (counts[index] < atMost) {
    faults.push(
      `"${because}" now covers ${counts[index]} places: set its atMost to that, so that it stays so.`,
    );
  }
});
if (faults.length) {
  console.error(faults.join('\n'));
  process.exit(1);
}
