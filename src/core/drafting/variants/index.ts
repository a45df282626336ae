// Calculated questions: one template, many variants, each with its own right result.
import type { MathNode } from 'mathjs';
import type { Drafted, Finding, Item, Template } from '../../model';
import { categoryPath } from '../../shared/category-path';
import { seeded } from '../../shared/chance';
import { defined } from '../../shared/defined';
import { Problem } from '../../shared/problem';
import { nameItems } from '../../shared/references';
import { Places } from '../places';
import { optionsFor, type Slipped } from './choice';
import { drawings, type Drawing } from './draw';
import { namesIn, readFormula } from './formula';
import { reckoning, type Reckon } from './reckon';
import { CONSTANTS, evaluated } from './math';
import { halfOfLast, rounded, type Rounded } from './rounding';
import { usualSlips } from './slips';
import { fewOptionsFinding, readTemplate, tooFewFinding, type Ready } from './template';
import { say } from '../../shared/say';

const MOST_VARIANTS = 5000;
const DEFAULT_OPTIONS = 4;
/** So many drawings are tried for each that is wanted, where conditions turn them away. */
const TRIES = 200;

/** Signs that stand at the number itself. */
const CLOSE = /^[°%′″]/u;
const unitBehind = (unit: string | undefined): string =>
  unit?.trim() ? `${CLOSE.test(unit) && !unit.startsWith('°C') ? '' : ' '}${unit.trim()}` : '';

function stemOf({ stem, quantities }: Template, drawing: Drawing): string {
  return quantities.reduce((text, { name, unit }) => {
    const value = `${rounded(drawing.get(name)!, {}).text}${unitBehind(unit)}`;
    return text.replace(new RegExp(`\\{\\s*${name}\\s*\\}`, 'gu'), () => value);
  }, stem);
}

/** The tolerance in the answer's unit: as given, as a share of the answer, or what rounding takes away. */
function toleranceOf(template: Template, value: number): number {
  const { tolerance } = template;
  if (typeof tolerance === 'number') {
    return tolerance;
  }
  const share = /^\s*(\d+(?:[.,]\d+)?)\s*%\s*$/u.exec(tolerance ?? '')?.[1];
  if (share) {
    return rounded((Math.abs(value) * Number(share.replace(',', '.'))) / 100, { significant: 3 })
      .value;
  }
  const plain = Number((tolerance ?? '').trim().replace(',', '.'));
  return tolerance?.trim() && Number.isFinite(plain)
    ? Math.abs(plain)
    : halfOfLast(value, template);
}

/** The reference of the nth variant by the template's rule; empty where it has none. */
function refOf({ ref }: Template, n: number): string {
  if (!ref) {
    return '';
  }
  return ref.includes('{n}') ? ref.replaceAll('{n}', String(n)) : `${ref}-${n}`;
}

function baseItem(template: Template, drawing: Drawing, n: number, answer: Rounded): Item {
  const unit = unitBehind(template.unit);
  const category = categoryPath(template.category);
  return defined({
    id: `variant-${n}`,
    ref: refOf(template, n),
    kind: template.kind,
    stem: { plain: stemOf(template, drawing) },
    explanation: { plain: `${template.formula.trim()} = ${answer.text}${unit}` },
    category: category.length ? category : undefined,
    tags: template.tags,
    variant: {
      of: template.ref?.replaceAll('{n}', '') || 'template',
      n,
      values: template.quantities.map(({ name, unit: own }) =>
        defined({ name, value: drawing.get(name)!, unit: own?.trim() ? own.trim() : undefined }),
      ),
    },
  });
}

/** One's own slips, or the usual ones, ready to be reckoned; a slip that can't be read is told and left out. */
function slipsOf(
  template: Template,
  { root }: Ready,
  reckon: Reckon,
): { slips: Slipped[]; findings: Finding[] } {
  const { slips: own, quantities } = template;
  if (own === undefined || own === 'usual') {
    const names = namesIn(root);
    const used = quantities.filter(({ name }) => names.has(name));
    const slips = usualSlips(root, used).map(({ root: slip, ...rest }) => ({
      ...rest,
      reckon: reckon(slip),
    }));
    return { slips, findings: [] };
  }
  const names = new Set(quantities.map(({ name }) => name));
  const slips: Slipped[] = [];
  const findings: Finding[] = [];
  for (const { name, formula } of own) {
    try {
      slips.push({ name, reckon: reckon(readFormula(formula, names)) });
    } catch (error) {
      if (!(error instanceof Problem)) {
        throw error;
      }
      findings.push({
        rule: 'slip-unreadable',
        level: 'warn',
        message: say('{name}: {message}', { name, message: error.message }),
      });
    }
  }
  return { slips, findings };
}

/** The slips turned round by one each time, so that the variants of one template show different ones. */
function turned(slips: readonly Slipped[], by: number): Slipped[] {
  const telling = slips.filter(({ isFiller }) => !isFiller);
  const fillers = slips.filter(({ isFiller }) => isFiller);
  const at = telling.length ? by % telling.length : 0;
  return [...telling.slice(at), ...telling.slice(0, at), ...fillers];
}

type Drawn = { drawing: Drawing; raw: number };

/** Drawings that meet the conditions and have a result. */
function drawn(
  { quantities }: Template,
  { conditions }: Ready,
  reckonRoot: (drawing: Drawing) => number,
  { count, random }: { count: number; random: () => number },
): { found: Drawn[]; notFinite: number } {
  const compiled = conditions.map((condition: MathNode) => condition.compile());
  const holds = (drawing: Drawing): boolean =>
    compiled.every((condition) =>
      Boolean(evaluated(condition, new Map<string, unknown>([...CONSTANTS, ...drawing]))),
    );
  const found: Drawn[] = [];
  let [tries, notFinite] = [0, 0];
  for (const drawing of drawings(quantities, random, count * TRIES)) {
    if (found.length >= count || tries++ > count * TRIES + 20_000) {
      break;
    }
    if (!holds(drawing)) {
      continue;
    }
    const raw = reckonRoot(drawing);
    if (Number.isFinite(raw)) {
      found.push({ drawing, raw });
    } else {
      notFinite++;
    }
  }
  return { found, notFinite };
}

/**
 * Draws variants of a calculated question, all different; the same template and seed give the same ones.
 * @param count how many, 5,000 at most
 */
export function makeVariants(
  template: Template,
  count: number,
  seed: number,
): Pick<Drafted, 'items' | 'findings'> {
  const ready = readTemplate(template);
  if (!('root' in ready)) {
    return { items: [], findings: ready.findings };
  }
  const wanted = Math.min(MOST_VARIANTS, Math.max(0, Math.floor(count)));
  const random = seeded(seed);
  const [sample] = drawings(template.quantities, seeded(seed + 1), 1);
  const { reckon, findings } = reckoning(ready.root, template, sample ?? new Map<string, number>());
  const said = [...ready.findings, ...findings];
  if (said.some(({ level }) => level === 'block')) {
    return { items: [], findings: said };
  }
  const { found, notFinite } = drawn(template, ready, reckon(ready.root), {
    count: wanted,
    random,
  });
  said.push(
    ...tooFewFinding(found.length, wanted, { conditions: ready.conditions.length > 0, notFinite }),
  );
  const { slips, findings: ofSlips } =
    template.kind === 'number' ? { slips: [], findings: [] } : slipsOf(template, ready, reckon);
  said.push(...ofSlips);
  const made =
    template.kind === 'number'
      ? { items: found.map((one, index) => numberItem(template, one, index + 1)), findings: [] }
      : choiceItems(template, found, slips, random);
  return { items: nameItems(made.items, []), findings: [...said, ...made.findings] };
}

function numberItem(template: Template, { drawing, raw }: Drawn, n: number): Item {
  const answer = rounded(raw, template);
  const number = defined({
    value: answer.value,
    tolerance: toleranceOf(template, answer.value),
    unit: template.unit?.trim() ? template.unit.trim() : undefined,
  });
  return { ...baseItem(template, drawing, n, answer), number };
}

function choiceItems(
  template: Template,
  found: readonly Drawn[],
  slips: readonly Slipped[],
  random: () => number,
): { items: Item[]; findings: Finding[] } {
  const wanted = template.options ?? DEFAULT_OPTIONS;
  const places = new Places(wanted, random);
  const unit = unitBehind(template.unit);
  const items = found.map(({ drawing, raw }, index) => {
    const right = rounded(raw, template);
    const asked = { right, unit, figures: template, drawing };
    const options = optionsFor(asked, turned(slips, index), wanted - 1, places.next());
    return { ...baseItem(template, drawing, index + 1, right), options };
  });
  const few = items.filter(({ options }) => options.length < wanted).length;
  return { items, findings: fewOptionsFinding(few, wanted) };
}
