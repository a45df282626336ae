// The one list of checks, their runner, and the applier of mends.
import type { Finding, Item, Layout } from '../model';
import type { BankCheck, ItemCheck } from './contract';
import { answerMissing } from './answer-missing';
import { keyMissing } from './key-missing';
import { keySeveral } from './key-several';
import { kindContradicts } from './kind-contradicts';
import { leadingZeroLost } from './leading-zero-lost';
import { numberInExponent } from './number-in-exponent';
import { optionEmpty } from './option-empty';
import { optionsAlike } from './options-alike';
import { optionsTooFew } from './options-too-few';
import { refRepeated } from './ref-repeated';
import { stemEmpty } from './stem-empty';
import { stemRepeated } from './stem-repeated';
import { textBroken } from './text-broken';
import { textCut } from './text-cut';
import { textLikeFormula } from './text-like-formula';
import { textMojibake } from './text-mojibake';
import { textOverLimit } from './text-over-limit';
import { textWithMarkup } from './text-with-markup';

export type { BankCheck, ItemCheck, Noticed } from './contract';
export { applyMends, applyPatch } from './mends';

export const itemChecks: readonly ItemCheck[] = [
  stemEmpty,
  optionsTooFew,
  keyMissing,
  keySeveral,
  kindContradicts,
  optionEmpty,
  optionsAlike,
  answerMissing,
  textCut,
  textBroken,
  textOverLimit,
  textLikeFormula,
  textWithMarkup,
  textMojibake,
  numberInExponent,
  leadingZeroLost,
];
export const bankChecks: readonly BankCheck[] = [stemRepeated, refRepeated];

/** What the checks of single questions notice about one of them. */
export function checkItem(item: Item, layouts: readonly Layout[] = []): Finding[] {
  const findings: Finding[] = [];
  // Nearly every check of nearly every question notices nothing, so nothing is made for it.
  for (const check of itemChecks) {
    for (const noticed of check.run(item, layouts)) {
      findings.push({ rule: check.id, level: check.level, item: item.id, ...noticed });
    }
  }
  return findings;
}

/** What only shows when questions stand side by side. */
export function checkTogether(items: readonly Item[]): Finding[] {
  return bankChecks.flatMap((check) =>
    check
      .run(items)
      .map((noticed): Finding => ({ rule: check.id, level: check.level, ...noticed })),
  );
}

/** Every check over every question. */
export const checkAll = (items: readonly Item[], layouts: readonly Layout[] = []): Finding[] => [
  ...items.flatMap((item) => checkItem(item, layouts)),
  ...checkTogether(items),
];
