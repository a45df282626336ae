// Cells above the rows that set something for the whole file: whether options are shuffled, points, tries, seconds.
import { SETTINGS, type FileSetting } from '../model';
import { cellName } from '../shared/cells';
import { quoted } from '../shared/plain';
import type { Region } from '../shared/table/region';
import { isTwoWay, waysBeside, waysIn } from '../shared/two-ways';
import { likelihoodOf } from '../understanding';
import { rulesAt } from './at-cell';
import { target } from './labelled-cells';
import { offered } from './offered';
import { say } from '../shared/say';

type Setting = FileSetting['setting'];
export type SettingLearned = FileSetting & { because: string; sure: boolean };

/** Longer texts are sentences about the form, no labels. */
const LONGEST = 60;
const SAID = 0.5;

/** The two words of a list, the one that says yes first; undefined where it is no choice of two that can be told apart. */
function wordsOf(
  setting: Setting,
  list: readonly string[],
  label: string,
): FileSetting['values'] | undefined {
  if (list.length !== 2 || !isTwoWay(setting)) {
    return undefined;
  }
  const { yes, no } = waysIn(setting, list, label);
  return yes !== undefined && no !== undefined ? { yes, no } : undefined;
}

const isNumber = (text: string): boolean => /^\d{1,5}(?:[.,]\d+)?$/.test(text);

type Labelled = { label: string; value: string; list: readonly string[] | undefined };
type Shown = { values?: NonNullable<FileSetting['values']>; sure: boolean };

/** Whether a label asks for something that nobody has filled in yet. */
const isAsking = ({ label, value }: Labelled): boolean => value === '' && /[:?]\s*$/.test(label);

/** The two words of a choice: those of its list, those that its label offers, or those of which one stands there. */
function choiceShown(setting: Setting, labelled: Labelled): Shown | undefined {
  const { label, value, list = [] } = labelled;
  const values = [list, ...offered(label)]
    .map((words) => wordsOf(setting, words, label))
    .find(Boolean);
  if (values) {
    return { values, sure: true };
  }
  const beside = isTwoWay(setting) ? waysBeside(setting, value) : undefined;
  const shown = beside && wordsOf(setting, beside, label);
  if (shown) {
    return { values: shown, sure: false };
  }
  return isAsking(labelled) ? { sure: false } : undefined;
}

/** What a label's cell shows of the values that it takes; undefined where it can be no setting's. */
function shownBy(setting: Setting, labelled: Labelled): Shown | undefined {
  if (isTwoWay(setting)) {
    return choiceShown(setting, labelled);
  }
  const sure = isNumber(labelled.value);
  return sure || isAsking(labelled) ? { sure } : undefined;
}

/** What a label says of how widely its setting holds: it is no part of the thing's name. */
const ABOUT =
  /\s+(?:for|per|of|je|pro|für|par|pour|por|para|di|van|voor|in|i|för|for hver|na|za)\s.*$/iu;
const USUALLY = /^(?:default|standard|usual|common|general|par défaut|predeterminad[oa]s?)\s+/iu;

/** A label as it stands, and without what it says of how widely it holds. */
const namings = (label: string): string[] => [
  label,
  label.replace(ABOUT, ''),
  label.replace(USUALLY, ''),
];

/** The setting that a label names by its words; undefined where it names none. */
const settingOf = (label: string): Setting | undefined =>
  SETTINGS.find((setting) => namings(label).some((name) => likelihoodOf(name, [setting]) > SAID));

/** The settings above the headings of a form, each with its cell. `headingRow` counts from 0. */
export function learnSettings(region: Region, headingRow: number | undefined): SettingLearned[] {
  const found = new Map<Setting, SettingLearned>();
  for (let r = region.top; r < (headingRow ?? region.top); r++) {
    for (let c = region.left; c <= region.right; c++) {
      const label = region.cell(r, c);
      const setting = label && label.length <= LONGEST ? settingOf(label) : undefined;
      if (!setting || found.has(setting)) {
        continue;
      }
      const at = target(region, r, c);
      const { values: list } = rulesAt(region.sheet, at.row, at.column);
      const shown = shownBy(setting, { label, value: region.cell(at.row, at.column), list });
      if (shown) {
        const because = say('{label} stands beside it', { label: quoted(label, 40) });
        found.set(setting, { cell: cellName(at.row, at.column), setting, because, ...shown });
      }
    }
  }
  return [...found.values()];
}
