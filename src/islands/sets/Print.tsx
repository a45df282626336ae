// A set for people without a receiver: on paper (handout, key, cards, QR cards), or as one file that plays anywhere.
import {
  Button,
  Checkbox,
  Group,
  NumberInput,
  SegmentedControl,
  Select,
  Stack,
  Text,
  TextInput,
} from '@mantine/core';
import { modals } from '@mantine/modals';
import { useEffect, useMemo, useState } from 'react';
import type { Activity, PaperJob, QuestionSet } from '../../core/model';
import { DOCUMENT_TYPES } from '../../core/shared/media-types';
import { safeName } from '../../core/shared/plain';
import { messageOf } from '../parts/message-of';
import { Printable } from '../parts/Printable';
import { takeAway } from '../parts/take-away';
import { idsOf } from '../state/sets';
import { useSetting } from '../state/setting';
import { core } from '../../workers/client';
import { i18n } from '../../languages';

type Play = `play-${Activity['mode']}`;
type What = PaperJob['what'] | Play;
const PAPER: readonly { value: PaperJob['what']; label: string }[] = [
  { value: 'handout', label: i18n._('Handout') },
  { value: 'key', label: i18n._('Key') },
  { value: 'answer-sheet', label: i18n._('Answer sheet') },
  { value: 'cards', label: i18n._('Cards to cut') },
  { value: 'qr', label: i18n._('QR cards') },
];
const PLAYS: readonly { value: Play; label: string; help: string }[] = [
  {
    value: 'play-quiz',
    label: i18n._('Quiz file'),
    help: i18n._('Question by question, with feedback and a score.'),
  },
  {
    value: 'play-cards',
    label: i18n._('Card file'),
    help: i18n._('Turned one by one; those not known come again.'),
  },
  {
    value: 'play-board',
    label: i18n._('Board file'),
    help: i18n._('Categories by points, for teams.'),
  },
];
const modeOf = (what: Play): Activity['mode'] => what.replace('play-', '') as Activity['mode'];
const isPaper = (what: What): what is PaperJob['what'] => PAPER.some(({ value }) => value === what);

/** A page to print, or a document that an office suite opens and that can be changed before it is printed. */
type Format = 'html' | 'docx' | 'odt';
const FORMATS: readonly { value: Format; label: string }[] = [
  { value: 'html', label: i18n._('page (.html)') },
  { value: 'docx', label: i18n._('document (.docx)') },
  { value: 'odt', label: i18n._('open document (.odt)') },
];
/** Cards match back to back only on the page as it stands. */
const asDocument = ({ what, format }: Wishes): Exclude<Format, 'html'> | undefined =>
  isPaper(what) && what !== 'cards' && what !== 'qr' && format !== 'html' ? format : undefined;

type Wishes = {
  what: What;
  versions: number;
  columns: 1 | 2;
  holds: 'text' | 'number';
  address: string;
  format: Format;
  withKey: boolean;
};
/** What stands on every page, the same for every set until it is changed. */
type PageLines = Required<Pick<PaperJob, 'head' | 'foot'>>;
const NO_LINES: PageLines = { head: '', foot: '' };

const jobOf = (
  { name: title, sections }: QuestionSet,
  { versions, columns, holds, address, head, foot, withKey }: Wishes & PageLines,
  what: PaperJob['what'],
): Omit<PaperJob, 'items'> => ({
  what,
  title,
  sections,
  versions,
  columns,
  head,
  foot,
  withKey,
  qr: { holds, address },
});

/** The page as it is wished; the latest wish counts. */
function usePage(
  set: QuestionSet,
  wishes: Wishes & PageLines,
): { html?: string; problem?: string } {
  const [page, setPage] = useState<{ html?: string; problem?: string }>({});
  useEffect(() => {
    let isLatest = true;
    const { what } = wishes;
    const { name: title, sections } = set;
    const made = isPaper(what)
      ? core().paper(idsOf(set), jobOf(set, wishes, what))
      : core().activity(idsOf(set), { mode: modeOf(what), title, sections });
    made.then(
      (html) => isLatest && setPage({ html }),
      (error: unknown) =>
        isLatest && setPage({ problem: messageOf(error, i18n._('The page could not be made.')) }),
    );
    return () => {
      isLatest = false;
    };
  }, [set, wishes]);
  return page;
}

type Whole = Wishes & PageLines;

function PaperWishes({ wishes, to }: { wishes: Whole; to: (change: Partial<Whole>) => void }) {
  if (wishes.what === 'qr') {
    return (
      <Group gap="xs" align="flex-end">
        <Select
          label={i18n._('The code holds')}
          allowDeselect={false}
          value={wishes.holds}
          data={[
            { value: 'text', label: i18n._('the question') },
            { value: 'number', label: i18n._('its number') },
          ]}
          onChange={(holds) => to({ holds: holds === 'number' ? 'number' : 'text' })}
        />
        <TextInput
          label={i18n._('Behind the address')}
          placeholder="https://…/"
          value={wishes.address}
          onChange={(event) => to({ address: event.currentTarget.value })}
        />
      </Group>
    );
  }
  return wishes.what === 'cards' ? null : (
    <Group gap="xs" align="flex-end">
      <NumberInput
        label={i18n._('Versions')}
        w={110}
        min={1}
        max={8}
        allowDecimal={false}
        value={wishes.versions}
        onChange={(value) => to({ versions: Math.max(1, Number(value) || 1) })}
      />
      {wishes.what === 'handout' && (
        <Select
          label={i18n._('Columns')}
          w={110}
          allowDeselect={false}
          value={String(wishes.columns)}
          data={['1', '2']}
          onChange={(columns) => to({ columns: columns === '2' ? 2 : 1 })}
        />
      )}
      {wishes.what === 'handout' && (
        <Checkbox
          label={i18n._('with the key')}
          mb={8}
          checked={wishes.withKey}
          onChange={(event) => to({ withKey: event.currentTarget.checked })}
        />
      )}
      <Select
        label={i18n._('The file')}
        w={160}
        allowDeselect={false}
        value={wishes.format}
        data={FORMATS}
        onChange={(format) => format && to({ format })}
      />
      <TextInput
        label={i18n._('At the top of each page')}
        w={185}
        maxLength={160}
        value={wishes.head}
        onChange={(event) => to({ head: event.currentTarget.value })}
      />
      <TextInput
        label={i18n._('At its foot')}
        w={185}
        maxLength={160}
        value={wishes.foot}
        onChange={(event) => to({ foot: event.currentTarget.value })}
      />
    </Group>
  );
}

function Print({ set }: { set: QuestionSet }) {
  const [lines, saveLines] = useSetting<PageLines>('lines of every page', NO_LINES);
  const [own, setOwn] = useState<Wishes>({
    what: 'handout',
    versions: 1,
    columns: 1,
    holds: 'text',
    address: '',
    format: 'html',
    withKey: false,
  });
  const wishes = useMemo((): Whole => ({ ...own, ...lines }), [own, lines]);
  const to = ({ head, foot, ...change }: Partial<Whole>): void => {
    if (head !== undefined || foot !== undefined) {
      saveLines({ head: head ?? lines.head, foot: foot ?? lines.foot });
    }
    setOwn((now) => ({ ...now, ...change }));
  };
  const { html, problem } = usePage(set, wishes);
  const onPaper = isPaper(wishes.what);
  const take = async (): Promise<void> => {
    const { what } = wishes;
    const format = asDocument(wishes);
    const bytes =
      format && isPaper(what)
        ? await core().paperFile(idsOf(set), jobOf(set, wishes, what), format)
        : new TextEncoder().encode(html ?? '');
    const name = `${safeName(set.name, i18n._('Set'))} ${what.replace('play-', '')}.${format ?? 'html'}`;
    takeAway(name, bytes, DOCUMENT_TYPES[format ?? 'html']);
  };
  return (
    <Stack gap="sm">
      <SegmentedControl
        aria-label={i18n._('What is made of the set')}
        value={wishes.what}
        data={[...PAPER, ...PLAYS.map(({ value, label }) => ({ value, label }))]}
        onChange={(what) => to({ what })}
      />
      {onPaper ? (
        <PaperWishes wishes={wishes} to={to} />
      ) : (
        <Text size="sm">
          {i18n._(
            '{help} One file, opened from the disk, with no network. The right answers are in it, and whoever looks can find them.',
            { help: PLAYS.find(({ value }) => value === wishes.what)?.help },
          )}
        </Text>
      )}
      {problem && (
        <Text role="alert" c="var(--brick-ink)">
          {problem}
        </Text>
      )}
      {onPaper && !problem ? (
        <Printable
          title={i18n._('The page as it will be')}
          html={html}
          onTake={() => void take()}
        />
      ) : (
        <Group justify="flex-end">
          <Button disabled={!html} onClick={() => void take()} variant="filled">
            {i18n._('Take the file')}
          </Button>
        </Group>
      )}
    </Stack>
  );
}

/** Shows what the set becomes on paper, or as a file that plays. */
export const showPrint = (set: QuestionSet): void => {
  modals.open({ title: set.name, size: '60rem', children: <Print set={set} /> });
};
