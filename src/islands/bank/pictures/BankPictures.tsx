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
import { count } from '../../../core/shared/plain';
import { CommitText } from '../../parts/Commit';
import { LinkButton } from '../../parts/LinkButton';
import { say, sayProblem } from '../../parts/say';
import { bankState, changeItems, useBank } from '../../state/bank';
import { setView } from '../../state/view';
import { addressOf, PICTURE_TYPES } from '../../state/pictures';

const WHERE: Readonly<Record<BankPicture['is'], string>> = {
  held: 'held here',
  linked: 'behind a link',
  named: 'only its name is known',
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
  await change(`Put a file in the place of ${name || 'a picture'}`, new Map([[href, found]]));
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
    await change(`Bring in ${count(changes.size, 'picture')}`, changes);
    say(
      `${count(changes.size, 'picture')} brought in. Undo takes ${changes.size === 1 ? 'it' : 'them'} back.`,
    );
  }
  if (unmet.length) {
    refused.push(`No picture of the bank is called like ${unmet.slice(0, 4).join(', ')}.`);
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
  const called = name || 'picture without a description';
  const describe = (text: string): void =>
    void change(`Describe ${called}`, new Map([[href, { alt: text.trim() }]]));
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
          aria-label={`What ${called} shows`}
          placeholder="What it shows, for those who don’t see it"
          size="sm"
          value={alt ?? ''}
          onCommit={describe}
        />
      </Table.Td>
      <Table.Td>
        <LinkButton onClick={() => show(picture)}>{count(questions.length, 'question')}</LinkButton>
      </Table.Td>
      <Table.Td>
        <Group gap={6} wrap="nowrap">
          <FileButton accept={PICTURE_TYPES} onChange={(file) => void replace(picture, file)}>
            {(props) => (
              <Button {...props} size="xs" aria-label={`Choose a file … for ${called}`}>
                Choose a file …
              </Button>
            )}
          </FileButton>
          <Button
            size="xs"
            aria-label={`Take off ${called}`}
            onClick={() => void change(`Take ${called} off`, new Map([[href, 'removed']]))}
          >
            Take off
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
    [of('held'), 'held here'],
    [of('linked'), 'behind links'],
    [of('named'), 'known by name only'],
  ] as const;
  const where = places.flatMap(([n, words]) => (n ? [`${n} ${words}`] : [])).join(', ');
  const described = bare ? `${count(bare, 'picture')} without a description` : 'all are described';
  return `${count(pictures.length, 'picture')}: ${where}; ${described}.`;
}

function BankPictures() {
  const items = useBank((state) => state.items);
  const pictures = useMemo(() => picturesIn(items), [items]);
  if (!pictures.length) {
    return (
      <Text>
        No question of this bank has a picture. Name the pictures in a column of the file that is
        brought in, and bring their files in here.
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
                Bring in picture files …
              </Button>
            )}
          </FileButton>
        )}
      </Group>
      {missing > 0 && (
        <Text size="sm" c="dimmed">
          Files are matched by their names, whatever their folder and ending.
        </Text>
      )}
      <Table.ScrollContainer minWidth={700} mah="60vh">
        <Table aria-label="Pictures of the bank" verticalSpacing={6}>
          <Table.Thead>
            <Table.Tr>
              <Table.Th>Picture</Table.Th>
              <Table.Th>Name</Table.Th>
              <Table.Th>What it shows</Table.Th>
              <Table.Th>In</Table.Th>
              <Table.Th>Change</Table.Th>
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
  modals.open({ title: 'Pictures of the bank', size: '70rem', children: <BankPictures /> });
};
