// A calculated question as it is typed, made into the template that the core takes.
import type { Template } from '../../../core/model';
import { defined } from '../../../core/shared/defined';
import { tagOf } from '../../parts/cells';
import type { TemplateWish } from './types';

/** What was typed one a line, or with semicolons or tabs between. */
export const linesOf = (text: string): string[] =>
  text
    .split(/\n|;|\t/)
    .map((line) => line.trim())
    .filter(Boolean);

const number = (text: string): number => Number(text.trim().replace(',', '.'));

/** The template as the core takes it. */
export function templateOf(wish: TemplateWish): Template {
  const { figures, digits, slips, conditions, quantities } = wish;
  const tags = linesOf(wish.tags.replaceAll(',', ';')).map(tagOf);
  return defined({
    stem: wish.stem,
    quantities: quantities
      .filter(({ name }) => name.trim())
      .map(({ name, from, to, step, unit }) => {
        const list = from.includes(';') ? from.split(';').map(number) : undefined;
        return defined({
          name: name.trim(),
          from: list ? 0 : number(from),
          to: list ? 0 : number(to || from),
          step: step.trim() ? number(step) : undefined,
          list,
          unit: unit.trim() || undefined,
        });
      }),
    formula: wish.formula,
    unit: wish.unit.trim() || undefined,
    significant: figures === 'significant' ? digits : undefined,
    decimals: figures === 'decimals' ? digits : undefined,
    tolerance: wish.tolerance.trim() || undefined,
    constraints: linesOf(conditions),
    slips: slips.trim() ? slipsOf(slips) : ('usual' as const),
    kind: wish.kind,
    options: wish.options,
    ref: wish.ref.trim() || undefined,
    category: wish.category.trim() || undefined,
    tags: tags.length ? tags : undefined,
  });
}

const slipsOf = (text: string): { name: string; formula: string }[] =>
  text
    .split('\n')
    .filter((line) => line.trim())
    .map((line) => {
      const at = line.indexOf(':');
      return { name: line.slice(0, Math.max(0, at)).trim(), formula: line.slice(at + 1).trim() };
    });
