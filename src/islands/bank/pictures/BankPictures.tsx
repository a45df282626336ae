// The pictures of the bank: what is held, linked or only named; described, replaced, or brought in by their names.
import { Button, FileButton, Group, Stack, Table, Text } from '@mantine/core';
import { modals } from '@mantine/modals';
import { useMemo } from 'react';
import {
  matchFiles,
  picturesIn,
  withPictures,
  type BankPicture,
  type PictureChange,
} from '../../../core/banks';
import { pictureName } from '../../../core/shared/picture-list';
import { CommitText } from '../../parts/Commit';
import { LinkButton } from '../../parts/LinkButton';
import { say, sayProblem } from '../../parts/say';
import { bankState, changeItems, useBank } from '../../state/bank';
import { setView } from '../../state/view';
import { addressOf, PICTURE_TYPES } from '../../state/pictures';
import { i18n } from '../../../languages';

const WHERE: Readonly<Record<BankPicture['is'], string>> = {
  held: i18n._('held here'),
  linked: i18n._('behind a link'),
  named: i18n._('only its name is known'),
};

function change(label: string, changes: ReadonlyMap<string, PictureChange>): Promise<void> {
  return changeItems(label, withPictures(bankState().items, changes));
}

/** Puts a chosen file in the place of one picture, wherever that is shown. */
async function replace({ href, name }: BankPicture, file: File | null): Promise<void> {
  const found = file && (await addressOf(file));
  if (!found) {
    return;
  }
  if ('refused' in found) {
    sayProblem(found.refused);
    return;
  }
  await change(
    i18n._('Put a file in the place of {name}', { name: name || i18n._('a picture') }),
    new Map([[href, found]]),
  );
}

/** Takes in files whose names are those of pictures that the bank does not hold, in one step. */
async function bringFiles(pictures: readonly BankPicture[], files: readonly File[]): Promise<void> {
  const matches = matchFiles(
    pictures,
    files.map(({ name }) => name),
  );
  const changes = new Map<string, PictureChange>();
  const refused: string[] = [];
  for (const [href, at] of matches) {
    const found = await addressOf(files[at]!);
    if ('refused' in found) {
      refused.push(found.refused);
    } else {
      changes.set(href, found);
    }
  }
  const used = new Set(matches.values());
  const unmet = files.filter((_, at) => !used.has(at)).map(({ name }) => name);
  if (changes.size) {
    await change(
      i18n._('Bring in {changes, plural, one {# picture} other {# pictures}}', {
        changes: changes.size,
      }),
      changes,
    );
    say(
      i18n._(
        '{changes, plural, one {# picture} other {# pictures}} brought in. Undo takes {changes, plural, one {it} other {them}} back.',
        { changes: changes.size },
      ),
    );
  }
  if (unmet.length) {
    refused.push(
      i18n._('No picture of the bank is called like {unmet}.', {
        unmet: unmet.slice(0, 4).join(', '),
      }),
    );
  }
  if (refused.length) {
    sayProblem(refused.join(' '));
  }
}

/** Shows the questions that a picture stands in. */
function show({ href, is, alt, name }: BankPicture): void {
  modals.closeAll();
  const words = is === 'held' ? (alt ?? name) : pictureName(href);
  setView({ search: words ? `picture:"${words}"` : 'picture:yes', kind: '', level: '', tag: '' });
}

function Row({ picture }: { picture: BankPicture }) {
  const { href, is, name, alt, questions } = picture;
  const called = name || i18n._('picture without a description');
  const describe = (text: string): void =>
    void change(i18n._('Describe {called}', { called }), new Map([[href, { alt: text.trim() }]]));
  return (
    <Table.Tr>
      <Table.Td w={92}>
        {is === 'held' && (
          <img src={href} alt={alt ?? ''} style={{ maxWidth: 80, maxHeight: 60 }} />
        )}
      </Table.Td>
      <Table.Th scope="row" bg="transparent" fw={500} style={{ overflowWrap: 'anywhere' }}>
        {called}
        <Text size="xs" c={is === 'named' ? 'var(--brick-ink)' : 'dimmed'}>
          {WHERE[is]}
        </Text>
      </Table.Th>
      <Table.Td w={280}>
        <CommitText
          aria-label={i18n._('What {called} shows', { called })}
          placeholder={i18n._('What it shows, for those who don’t see it')}
          size="sm"
          value={alt ?? ''}
          onCommit={describe}
        />
      </Table.Td>
      <Table.Td>
        <LinkButton onClick={() => show(picture)}>
          {i18n._('{questions, plural, one {# question} other {# questions}}', {
            questions: questions.length,
          })}
        </LinkButton>
      </Table.Td>
      <Table.Td>
        <Group gap={6} wrap="nowrap">
          <FileButton accept={PICTURE_TYPES} onChange={(file) => void replace(picture, file)}>
            {(props) => (
              <Button
                {...props}
                size="xs"
                aria-label={i18n._('Choose a file … for {called}', { called })}
              >
                {i18n._('Choose a file …')}
              </Button>
            )}
          </FileButton>
          <Button
            size="xs"
            aria-label={i18n._('Take off {called}', { called })}
            onClick={() =>
              void change(i18n._('Take {called} off', { called }), new Map([[href, 'removed']]))
            }
          >
            {i18n._('Take off')}
          </Button>
        </Group>
      </Table.Td>
    </Table.Tr>
  );
}

/** How many pictures there are, and what is to be done about them, in a sentence. */
function factsOf(pictures: readonly BankPicture[]): string {
  const of = (is: BankPicture['is']): number => pictures.filter((one) => one.is === is).length;
  const bare = pictures.filter(({ alt }) => !alt).length;
  const places = [
    [of('held'), i18n._('held here')],
    [of('linked'), i18n._('behind links')],
    [of('named'), i18n._('known by name only')],
  ] as const;
  const where = places.flatMap(([n, words]) => (n ? [`${n} ${words}`] : [])).join(', ');
  const described = bare
    ? i18n._('{bare, plural, one {# picture} other {# pictures}} without a description', { bare })
    : i18n._('all are described');
  return `${i18n._('{pictures, plural, one {# picture} other {# pictures}}', { pictures: pictures.length })}: ${where}; ${described}.`;
}

function BankPictures() {
  const items = useBank((state) => state.items);
  const pictures = useMemo(() => picturesIn(items), [items]);
  if (!pictures.length) {
    return (
      <Text>
        {i18n._(
          'No question of this bank has a picture. Name the pictures in a column of the file that is brought in, and bring their files in here.',
        )}
      </Text>
    );
  }
  const missing = pictures.filter(({ is }) => is !== 'held').length;
  return (
    <Stack gap="sm">
      <Group justify="space-between">
        <Text role="status">{factsOf(pictures)}</Text>
        {missing > 0 && (
          <FileButton
            multiple
            accept={PICTURE_TYPES}
            onChange={(files) => void bringFiles(pictures, files)}
          >
            {(props) => (
              <Button {...props} variant="filled">
                {i18n._('Bring in picture files …')}
              </Button>
            )}
          </FileButton>
        )}
      </Group>
      {missing > 0 && (
        <Text size="sm" c="dimmed">
          {i18n._('Files are matched by their names, whatever their folder and ending.')}
        </Text>
      )}
      <Table.ScrollContainer minWidth={700} mah="60vh">
        <Table aria-label={i18n._('Pictures of the bank')} verticalSpacing={6}>
          <Table.Thead>
            <Table.Tr>
              <Table.Th>{i18n._('Picture')}</Table.Th>
              <Table.Th>{i18n._('Name')}</Table.Th>
              <Table.Th>{i18n._('What it shows')}</Table.Th>
              <Table.Th>{i18n._('In')}</Table.Th>
              <Table.Th>{i18n._('Change')}</Table.Th>
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {pictures.map((picture) => (
              <Row key={picture.href.slice(-200)} picture={picture} />
            ))}
          </Table.Tbody>
        </Table>
      </Table.ScrollContainer>
    </Stack>
  );
}

/** Shows the pictures of the bank. */
export const showPictures = (): void => {
  modals.open({ title: i18n._('Pictures of the bank'), size: '70rem', children: <BankPictures /> });
};
