// The form of a change of many questions, and the change that it asks for.
import { TEXT_FIELDS, type ManyChange, type TextField } from '../../../core/banks';
import { KINDS, type Kind } from '../../../core/model';
import { tagOf } from '../../parts/cells';
import { i18n } from '../../../languages';

export const ACTS = [
  { value: 'add-tag', label: i18n._('Add a tag') },
  { value: 'remove-tag', label: i18n._('Remove a tag') },
  { value: 'replace-tag', label: i18n._('Replace a tag') },
  { value: 'category', label: i18n._('Move to a category') },
  { value: 'points', label: i18n._('Set points') },
  { value: 'seconds', label: i18n._('Set seconds') },
  { value: 'attempts', label: i18n._('Set attempts') },
  { value: 'use', label: i18n._('Set use') },
  { value: 'kind', label: i18n._('Change the kind') },
  { value: 'replace', label: i18n._('Find and replace') },
  { value: 'tidy', label: i18n._('Tidy texts') },
  { value: 'pictures', label: i18n._('New address of pictures') },
  { value: 'references', label: i18n._('New references') },
] as const;
export type Act = (typeof ACTS)[number]['value'];

export type ManyForm = {
  act: Act;
  /** What is put in, or what is looked for. */
  text: string;
  /** What takes its place. */
  by: string;
  how: 'words' | 'text' | 'pattern';
  matchCase: boolean;
  fields: TextField[];
  kind: Kind;
  use: 'practice' | 'scored' | '';
};

export const EMPTY: ManyForm = {
  act: 'add-tag',
  text: '',
  by: '',
  how: 'words',
  matchCase: false,
  fields: [...TEXT_FIELDS],
  kind: KINDS[0],
  use: 'scored',
};

const numberOf = (text: string): number | undefined => {
  const value = Number(text.replace(',', '.'));
  return text.trim() && Number.isFinite(value) && value >= 0 ? value : undefined;
};

const path = (text: string): string[] =>
  text
    .split('>')
    .map((part) => part.trim())
    .filter(Boolean);

const tagged = (text: string, change: (text: string) => ManyChange): ManyChange | undefined =>
  text.trim() ? change(text.trim()) : undefined;

const MAKE: Record<Act, (form: ManyForm) => ManyChange | undefined> = {
  'add-tag': ({ text }) => tagged(text, (tag) => ({ is: 'add-tag', tag: tagOf(tag) })),
  'remove-tag': ({ text }) => tagged(text, (tag) => ({ is: 'remove-tag', tag: tagOf(tag) })),
  'replace-tag': ({ text, by }) =>
    by.trim()
      ? tagged(text, (tag) => ({ is: 'replace-tag', tag: tagOf(tag), by: tagOf(by.trim()) }))
      : undefined,
  category: ({ text }) => ({ is: 'category', path: path(text) }),
  points: ({ text }) => ({ is: 'set', field: 'points', value: numberOf(text) }),
  seconds: ({ text }) => ({ is: 'set', field: 'seconds', value: numberOf(text) }),
  attempts: ({ text }) => ({ is: 'set', field: 'attempts', value: numberOf(text) }),
  use: ({ use }) => ({ is: 'use', value: use || undefined }),
  kind: ({ kind }) => ({ is: 'kind', kind }),
  replace: ({ text, by, how, matchCase, fields }) =>
    text ? { is: 'replace', find: text, by, how, matchCase, fields } : undefined,
  tidy: () => ({ is: 'tidy' }),
  pictures: ({ text, by }) => (text && by ? { is: 'pictures', from: text, to: by } : undefined),
  references: ({ text }) => (text.trim() ? { is: 'references', rule: text.trim() } : undefined),
};

/** The change that a form asks for; undefined where something in it is still missing. */
export const changeOf = (form: ManyForm): ManyChange | undefined => MAKE[form.act](form);
