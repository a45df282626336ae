// Texts within a receiver's lengths and signs.
import type { Limits, Text } from '../model';
import { unheldCharacters } from '../shared/windows-1252';
import { guardFormula } from '../shared/formula-like';
import { lengthOf, shorten } from '../shared/lengths';
import { flattenText } from '../shared/rich-text';
import type { Decision, Draft } from './changes';
import { Refusal } from './changes';
import type { Context } from './context';

type Step = (field: string, text: string, limit: number | undefined) => string;

/** The text without its formatting, which no cell of a file keeps; named, since it may have said something. */
function flat(draft: Draft, field: string, text: Text): string {
  if (!text.html) return text.plain;
  const plain = flattenText(text);
  draft.note(field, text.html, plain, plain === text.plain ? 'the receiver keeps no formatting' : 'the receiver keeps no formatting, so raised and lowered signs become signs of their own');
  return plain;
}

/** One text through every rule; what alters it is noted. */
function stepFor(draft: Draft, context: Context, own: Record<string, string>): Step {
  const { layout } = context;
  return (field, original, limit) => {
    let text = original;
    const variant = own[field];
    if (variant !== undefined && variant !== text) { draft.note(field, text, variant, 'you wrote it for this receiver'); text = variant; }
    if (limit && lengthOf(text, layout.limits.count) > limit) {
      const length = lengthOf(text, layout.limits.count);
      const short = shorten(text, limit, layout.limits.count);
      draft.note(field, text, short, `${length} characters; the receiver takes ${limit}, so ${length - limit} are over`);
      text = short;
    }
    if (context.plainText && layout.file.quote === 'none' && /[\n\t]/.test(text)) {
      const flat = text.replace(/\s*[\n\t]\s*/gu, ' ');
      draft.note(field, text, flat, 'the file has no way to keep a line break in a cell');
      text = flat;
    }
    if (context.plainText) {
      const guarded = guardFormula(text);
      draft.note(field, text, guarded, 'an apostrophe in front keeps a spreadsheet program from running it');
      if (layout.file.encoding === 'windows-1252') {
        const lost = unheldCharacters(text);
        if (lost.length) throw new Refusal(`the file's encoding (Windows-1252) can't hold ${lost.slice(0, 5).join(' ')}`);
      }
    }
    return text;
  };
}

const asText = (draft: Draft, field: string, text: Text | undefined, change: (plain: string) => string): Text | undefined => text && { plain: change(flat(draft, field, text)) };

/** Several accepted answers for a receiver with room for one: joined into one text, and named. */
function joinedAnswers(draft: Draft, context: Context): string | undefined {
  const column = context.having('accepted')[0];
  const { accepted = [] } = draft.item;
  if (!column || column.separator || context.having('accepted').length > 1 || accepted.length < 2) return undefined;
  const one = accepted.join('; ');
  draft.note('accepted', accepted.join(' | '), one, `the receiver has room for one answer, so the ${accepted.length} are joined`);
  return one;
}

/**
 * Takes every text that the layout carries through its limits. An apostrophe against formulas is noted but not kept
 * in the item, since the writer sets it and the read-back takes it away.
 */
export function fitTexts(draft: Draft, context: Context, decision: Decision): void {
  const { item } = draft;
  const { limits } = context.layout;
  const step = stepFor(draft, context, decision.own ?? {});
  const keep = (text: string): string => (context.plainText && text.startsWith("'") ? text.replace(/^'/, '') : text);
  const through = (field: string, text: string, limit: number | undefined): string => {
    const changed = step(field, text, limit);
    return changed !== text ? keep(changed) : text;
  };
  const has = (role: Parameters<Context['having']>[0]): boolean => context.having(role).length > 0;
  const several = joinedAnswers(draft, context);
  draft.set({
    stem: { plain: through('stem', flat(draft, 'stem', item.stem), limits.stem) },
    ...(item.options ? { options: item.options.map((option, index) => ({ ...option, text: { plain: through(`options.${index}`, flat(draft, `options.${index}`, option.text), limits.option) } })) } : {}),
    ...(several ? { accepted: [through('accepted.0', several, limits.option)] } : item.accepted && has('accepted') ? { accepted: item.accepted.map((text, index) => through(`accepted.${index}`, text, limits.option)) } : {}),
    ...(item.hint && has('hint') ? { hint: asText(draft, 'hint', item.hint, (text) => through('hint', text, limits.hint)) } : {}),
    ...(item.explanation && has('explanation') ? { explanation: asText(draft, 'explanation', item.explanation, (text) => through('explanation', text, limits.explanation)) } : {}),
    ...(item.title && has('title') ? { title: through('title', item.title, limits.title) } : {}),
  });
}

/** The nearest of the allowed seconds; of two as near, the longer, since nobody minds more time. */
export function nearestSeconds(seconds: number, allowed: Limits['seconds']): number {
  return [...(allowed ?? [])].sort((a, b) => Math.abs(a - seconds) - Math.abs(b - seconds) || b - a)[0] ?? seconds;
}

/** The time limit as one of the receiver's list. */
export function fitSeconds(draft: Draft, context: Context, decision: Decision): void {
  const column = context.having('seconds')[0];
  const allowed = context.layout.limits.seconds;
  if (!column) return;
  const { seconds } = draft.item;
  if (seconds === undefined) {
    const fallback = column.default ? Number(column.default) : column.required ? allowed?.[0] : undefined;
    if (fallback !== undefined) { draft.note('seconds', '', String(fallback), 'the receiver asks for a time limit'); draft.set({ seconds: fallback }); }
    return;
  }
  if (!allowed?.length || allowed.includes(seconds)) return;
  const chosen = decision.own?.['seconds'] ? Number(decision.own['seconds']) : nearestSeconds(seconds, allowed);
  draft.note('seconds', String(seconds), String(chosen), `${seconds} is not on the receiver's list ${allowed.join(', ')}`);
  draft.set({ seconds: chosen });
}
