// The options of a calculated question: the right result and slips, all with the same figures and unit, in the order of size.
import type { Option } from '../../model';
import { rounded, type Figures, type Rounded } from './rounding';
import type { Drawing } from './draw';

/** A slip ready to be reckoned. */
export type Slipped = {
  name: string;
  reckon: (drawing: Drawing) => number;
  /** Serves where the telling ones are too few. */
  isFiller?: boolean;
};

/** A wrong result more than so many times as large or small gives itself away; it serves where there is no better one. */
const PLAUSIBLE = 30;

/** `rank`: 0 a telling slip of plausible size, 1 a filler of plausible size, 2 the rest. */
type Wrong = Rounded & { name: string; rank: 0 | 1 | 2 };

function rankOf(isPlausible: boolean, isFiller: boolean): Wrong['rank'] {
  if (!isPlausible) {
    return 2;
  }
  return isFiller ? 1 : 0;
}

function wrongResults(
  right: Rounded,
  slips: readonly Slipped[],
  drawing: Drawing,
  figures: Figures,
): Wrong[] {
  const taken = new Set([right.text]);
  return slips.flatMap(({ name, reckon, isFiller }) => {
    const raw = reckon(drawing);
    if (!Number.isFinite(raw)) {
      return [];
    }
    const result = rounded(raw, figures);
    // A result that rounds to nothing, or to what is there already, is no option.
    if (taken.has(result.text) || (result.value === 0 && right.value !== 0)) {
      return [];
    }
    taken.add(result.text);
    const ratio = Math.abs(result.value / right.value);
    const isPlausible =
      result.value > 0 === right.value > 0 && ratio < PLAUSIBLE && ratio > 1 / PLAUSIBLE;
    return [{ ...result, name, rank: rankOf(isPlausible, isFiller ?? false) }];
  });
}

/** Takes so many below the right result that it comes to stand at `place`, as far as there are such. */
function chosenFor(
  right: Rounded,
  wrong: readonly Wrong[],
  wanted: number,
  place: number,
): Wrong[] {
  // Telling ones first; those that give themselves away only where there are not enough others.
  const plausible = wrong.filter(({ rank }) => rank < 2);
  const pool = [...(plausible.length >= wanted ? plausible : wrong)].sort(
    (a, b) => a.rank - b.rank,
  );
  const below = pool.filter(({ value }) => value < right.value);
  const above = pool.filter(({ value }) => value > right.value);
  const fewest = Math.max(0, wanted - above.length);
  const under = Math.max(fewest, Math.min(place, below.length));
  return [...below.slice(0, under), ...above.slice(0, wanted - under)];
}

/**
 * The options with each slip named in its feedback; `place` is where the right one is to stand where that can be.
 * Fewer than wanted where the slips give too few different results.
 */
export function optionsFor(
  {
    right,
    unit,
    figures,
    drawing,
  }: { right: Rounded; unit: string; figures: Figures; drawing: Drawing },
  slips: readonly Slipped[],
  wanted: number,
  place: number,
): Option[] {
  const wrong = wrongResults(right, slips, drawing, figures);
  const chosen = chosenFor(right, wrong, wanted, place);
  const withUnit = (text: string): { plain: string } => ({ plain: `${text}${unit}` });
  const options = chosen.map(({ name, text, value }) => ({
    value,
    option: {
      text: withUnit(text),
      right: false,
      feedback: { plain: `${name[0]!.toUpperCase()}${name.slice(1)}.` },
    },
  }));
  const all = [
    ...options,
    { value: right.value, option: { text: withUnit(right.text), right: true } },
  ];
  return all.sort((a, b) => a.value - b.value).map(({ option }) => option);
}
