// A formula made ready to be reckoned, with units where they are known, and told where the units do not agree.
import type { MathNode, Unit } from 'mathjs';
import type { Finding, Template, TemplateQuantity } from '../../model';
import { finding } from '../finding';
import { rounded } from './rounding';
import type { Drawing } from './draw';
import { numbersIn } from './formula';
import { CONSTANTS, evaluated, math } from './math';
import { isSameDimension, isUnit, unitOf, valueOf, type KnownUnit } from './units';
import { say } from '../../shared/say';

/** Reckons a formula of the template for one drawing, in the answer's unit. */
export type Reckon = (root: MathNode) => (drawing: Drawing) => number;

/** What factors turn quantities into the standard's own units, and its unit into the answer's. */
type Factors = { of: ReadonlyMap<string, number>; answer: number };

const NO_FACTORS: Factors = { of: new Map(), answer: 1 };

const numeric = (result: unknown): number => {
  if (typeof result === 'number') {
    return result;
  }
  // Roots of negative numbers are no results here.
  return isUnit(result) ? valueOf(result) : NaN;
};

const reckonWith =
  ({ of, answer }: Factors): Reckon =>
  (root) => {
    const compiled = root.compile();
    return (drawing) => {
      const scope = new Map<string, unknown>(CONSTANTS);
      for (const [name, value] of drawing) {
        scope.set(name, value * (of.get(name) ?? 1));
      }
      return numeric(evaluated(compiled, scope)) / answer;
    };
  };

/** Whole numbers up to this are counts or powers; others may carry a unit that nobody wrote. */
const COUNTS = 12;
const RATIO_DIGITS = 9;
const isNearly = (a: number, b: number): boolean => Math.abs(a / b - 1) < 10 ** -RATIO_DIGITS;

type Units = { known: ReadonlyMap<string, KnownUnit>; answer: KnownUnit };

/** The units of a template; undefined where none is known on one side, so that numbers stand for themselves. */
function unitsOf({ quantities, unit }: Template): Units | undefined {
  const known = new Map<string, KnownUnit>();
  for (const quantity of quantities) {
    const own = unitOf(quantity.unit);
    if (own) {
      known.set(quantity.name, own);
    }
  }
  const answer = unitOf(unit);
  return answer && known.size ? { known, answer } : undefined;
}

/** The formula's result with units; the sentence of mathjs where the units can't be added or compared. */
function withUnits(root: MathNode, { known }: Units, drawing: Drawing): Unit | number | string {
  const scope = new Map<string, unknown>(CONSTANTS);
  for (const [name, value] of drawing) {
    const own = known.get(name);
    scope.set(name, own ? math.unit(value, own.name) : value);
  }
  try {
    const result: unknown = root.compile().evaluate(scope);
    return isUnit(result) || typeof result === 'number' ? result : say('it gives no number');
  } catch (error) {
    return error instanceof Error ? error.message : String(error);
  }
}

/** What is said of units that do not agree: sure only where every quantity has one and no number could carry another. */
function disagreement(root: MathNode, template: Template, units: Units, why: string): Finding {
  const loose = numbersIn(root).filter((value) => !Number.isInteger(value) || value > COUNTS);
  const isSure = !loose.length && template.quantities.every(({ name }) => units.known.has(name));
  const hint = isSure
    ? say('Look at the formula or at the units.')
    : say(
        'A number in it{loose}, or a quantity without a unit, may carry one; the numbers are taken as they are.',
        { loose: loose.length ? ` (${loose.join(', ')})` : '' },
      );
  return finding('dimension-wrong', isSure ? 'block' : 'warn', `${why} ${hint}`);
}

/** Whether the units turn the bare numbers' result into another one, and by what factors then. */
function conversion(
  root: MathNode,
  unit: string,
  units: Units,
  { plain, result }: { plain: number; result: Unit },
): { factors: Factors; findings: Finding[] } {
  const meant = valueOf(result) / units.answer.factor;
  if (!Number.isFinite(plain) || plain === 0 || isNearly(meant, plain)) {
    return { factors: NO_FACTORS, findings: [] };
  }
  const ratio = meant / plain;
  const isWritten = numbersIn(root).some(
    (value) =>
      isNearly(value, ratio) || isNearly(value, 1 / ratio) || isNearly(value * value, ratio),
  );
  if (isWritten) {
    return { factors: NO_FACTORS, findings: [] };
  }
  const of = new Map([...units.known].map(([name, { factor }]) => [name, factor]));
  const message = say(
    'The result is turned into {unit} from the units of the quantities (× {value}).',
    { unit, value: rounded(ratio, { significant: 6 }).value },
  );
  return {
    factors: { of, answer: units.answer.factor },
    findings: [finding('unit-converted', 'note', message)],
  };
}

const unitsNotKnown = (
  quantities: readonly TemplateQuantity[],
  answer: string | undefined,
): Finding[] => {
  const named = [...quantities.map(({ unit }) => unit), answer].filter(
    (unit): unit is string => Boolean(unit?.trim()) && unit !== '%' && !unitOf(unit),
  );
  return named.length
    ? [
        finding(
          'unit-unknown',
          'note',
          say(
            '{list}: no unit that is known here, so it is written behind the number and nothing is checked by it.',
            { list: [...new Set(named)].join(', ') },
          ),
        ),
      ]
    : [];
};

/**
 * How a template's formulas are reckoned, tried on one drawing.
 * Where the units say another power of ten than the bare numbers, the units are followed, and that is said.
 */
export function reckoning(
  root: MathNode,
  template: Template,
  drawing: Drawing,
): { reckon: Reckon; findings: Finding[] } {
  const findings = unitsNotKnown(template.quantities, template.unit);
  const units = unitsOf(template);
  if (!units) {
    return { reckon: reckonWith(NO_FACTORS), findings };
  }
  const result = withUnits(root, units, drawing);
  if (typeof result === 'string') {
    const why = say('The units in the formula do not agree: {result}.', {
      result: result.replace(/\.$/, ''),
    });
    return {
      reckon: reckonWith(NO_FACTORS),
      findings: [...findings, disagreement(root, template, units, why)],
    };
  }
  if (typeof result === 'number' || !isSameDimension(result, units.answer.unit)) {
    const gives =
      typeof result === 'number'
        ? say('a number without a unit')
        : result.toSI().formatUnits() || say('a number without a unit');
    const why = say('With these units the formula gives {gives}, not {unit}.', {
      gives,
      unit: template.unit!,
    });
    return {
      reckon: reckonWith(NO_FACTORS),
      findings: [...findings, disagreement(root, template, units, why)],
    };
  }
  const { factors, findings: said } = conversion(root, template.unit!, units, {
    plain: reckonWith(NO_FACTORS)(root)(drawing),
    result,
  });
  return { reckon: reckonWith(factors), findings: [...findings, ...said] };
}
