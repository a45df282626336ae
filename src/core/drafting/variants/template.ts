// A template looked over before anything is drawn: names, ranges, formula and conditions.
import type { MathNode } from 'mathjs';
import type { Finding, Template, TemplateQuantity } from '../../model';
import { quoted } from '../../shared/plain';
import { Problem } from '../../shared/problem';
import { finding } from '../finding';
import { sizeOf } from './draw';
import { namesIn, readFormula } from './formula';
import { FUNCTIONS } from './math';
import { say } from '../../shared/say';

const NAME = /^\p{L}[\p{L}\p{N}_]{0,30}$/u;
const PLACE = /\{([^{}]*)\}/gu;

/** A template that can be drawn from. */
export type Ready = { root: MathNode; conditions: MathNode[]; findings: Finding[] };

function ofQuantity(
  quantity: TemplateQuantity,
  index: number,
  all: readonly TemplateQuantity[],
): Finding[] {
  const { name, from, to } = quantity;
  if (!NAME.test(name) || FUNCTIONS.has(name)) {
    const message = say(
      '{name} can’t be the name of a quantity: a name is letters and figures, begins with a letter, and is no function’s.',
      { name: quoted(name, 30) },
    );
    return [finding('quantity-name', 'block', message)];
  }
  if (all.findIndex((one) => one.name === name) !== index) {
    return [
      finding('quantity-doubled', 'block', say('Two quantities are called {name}.', { name })),
    ];
  }
  return sizeOf(quantity) > 0
    ? []
    : [
        finding(
          'range-empty',
          'block',
          say('{name} has no value to take: it goes from {from} to {to}.', { name, from, to }),
        ),
      ];
}

/** Quantities that the question never shows, and places that name none. */
function ofStem({ stem, quantities }: Template, used: ReadonlySet<string>): Finding[] {
  const shown = new Set([...stem.matchAll(PLACE)].map(([, name]) => name!.trim()));
  const unknown = [...shown].filter((name) => !quantities.some((one) => one.name === name));
  const hidden = quantities.filter(({ name }) => used.has(name) && !shown.has(name));
  const idle = quantities.filter(({ name }) => !used.has(name) && !shown.has(name));
  return [
    ...unknown.map((name) =>
      finding(
        'stem-name-unknown',
        'warn',
        say("The question holds '{'{name}'}', which is no quantity; it stays as it is.", { name }),
      ),
    ),
    ...hidden.map(({ name }) =>
      finding(
        'quantity-hidden',
        'warn',
        say(
          "The formula needs {name}, which the question does not show: put '{'{name}'}' into its text.",
          { name },
        ),
      ),
    ),
    ...idle.map(({ name }) =>
      finding(
        'quantity-idle',
        'note',
        say('{name} is used neither in the question nor in the formula.', { name }),
      ),
    ),
  ];
}

/** Reads a template; where it can't be used, the findings say why. */
export function readTemplate(template: Template): Ready | { findings: Finding[] } {
  const { quantities, formula, constraints = [], stem } = template;
  const names = new Set(quantities.map(({ name }) => name));
  const findings = quantities.flatMap(ofQuantity);
  if (!stem.trim()) {
    findings.push(finding('stem-empty', 'block', say('The question has no text.')));
  }
  if (findings.length) {
    return { findings };
  }
  try {
    const root = readFormula(formula, names);
    const conditions = constraints
      .filter((text) => text.trim())
      .map((text) => readFormula(text, names, true));
    return { root, conditions, findings: ofStem(template, namesIn(root)) };
  } catch (error) {
    if (error instanceof Problem) {
      return { findings: [finding('formula-unreadable', 'block', error.message)] };
    }
    throw error;
  }
}

type Met = { conditions: boolean; notFinite: number };

/** Why no drawing was found, or not more of them. */
function whyFewer({ conditions, notFinite }: Met, isNone: boolean): string {
  if (notFinite) {
    return isNone
      ? say(
          'for the values drawn the formula has no result (it divides by zero, or takes the root of something negative)',
        )
      : say(
          'for the others the formula has no result (it divides by zero, or takes the root of something negative)',
        );
  }
  if (!conditions) {
    return say('the ranges and steps give no more');
  }
  return isNone
    ? say('no drawing meets the conditions')
    : say('no other drawing meets the conditions');
}

/** What is said where fewer drawings were found than wanted. */
export function tooFewFinding(found: number, wanted: number, met: Met): Finding[] {
  if (found >= wanted) {
    return [];
  }
  const why = whyFewer(met, found === 0);
  const message = found
    ? say(
        '{found} of {wanted} variants can be drawn: {why}. Wider ranges or smaller steps give more.',
        { found, wanted, why },
      )
    : say('No variant can be drawn: {why}.', { why });
  return [finding('variants-too-few', found ? 'warn' : 'block', message)];
}

/** What is said where slips give too few different results for all options. */
export const fewOptionsFinding = (n: number, wanted: number): Finding[] =>
  n
    ? [
        finding(
          'slips-too-few',
          'warn',
          say(
            '{n, plural, one {# variant} other {# variants}} got fewer than {wanted} options: the slips give too few results that differ after rounding. Add a slip of your own, or ask for more figures.',
            { n, wanted },
          ),
        ),
      ]
    : [];
