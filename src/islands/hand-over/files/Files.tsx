// The filled files, each with what the read-back found.
import { Button, Group, Paper, Stack, Text } from '@mantine/core';
import type { Layout } from '../../../core/model';
import { Bar } from '../../parts/Bar';
import { Busy } from '../../parts/Busy';
import { MoreBelow } from '../../parts/MoreBelow';
import { useAnnounce } from '../../state/announce';
import { stopFilling, takeAll, useHandOver, type FilledFile } from '../../state/hand-over';
import { FileCard } from './FileCard';
import { i18n } from '../../../languages';

/** More files of one receiver than these are one entry, to be opened. */
const MANY = 3;

const differing = (files: readonly FilledFile[]): number =>
  files.filter(({ differences }) => differences.length).length;

/** Many numbered files of one receiver as one entry. */
function Batches({ files, layout }: { files: readonly FilledFile[]; layout: Layout | undefined }) {
  const differ = differing(files);
  const questions = files.reduce((sum, { receipt }) => sum + receipt.questions, 0);
  return (
    <Paper
      px="md"
      py="xs"
      style={{ borderInlineStart: `4px solid var(--${differ ? 'brick' : 'leaf'})` }}
    >
      <details>
        <summary>
          <b>
            {i18n._('{name}: {files, number} numbered files', {
              name: layout?.name,
              files: files.length,
            })}
          </b>{' '}
          <Text component="span" c="dimmed" size="sm">
            {i18n._('{questions, plural, one {# question} other {# questions}}', { questions })},{' '}
            {differ
              ? i18n._('{differ, number} files came back other than meant', { differ })
              : i18n._('all read back as meant')}
          </Text>
        </summary>
        <Stack gap={6} mt={6}>
          <Group>
            <Button size="xs" onClick={() => void takeAll(files)}>
              {i18n._('Take these {files, number} as one zip', { files: files.length })}
            </Button>
          </Group>
          {files.map((file) => (
            <FileCard key={file.name} file={file} layout={layout} />
          ))}
        </Stack>
      </details>
    </Paper>
  );
}

function Summary({ files }: { files: readonly FilledFile[] }) {
  const differ = differing(files);
  const found = differ
    ? i18n._('; {differ, number} came back other than meant', { differ })
    : i18n._(', all as meant');
  const words = i18n._(
    '{files, plural, one {# file} other {# files}} filled and read back{found}.',
    { files: files.length, found },
  );
  useAnnounce(words);
  return (
    <Bar
      tone={differ ? 'warn' : 'fine'}
      acts={
        differ > 0 && (
          <Button size="xs" onClick={() => void takeAll(files)}>
            {i18n._('Take all {files, number} as one zip with their differences', {
              files: files.length,
            })}
          </Button>
        )
      }
    >
      {words}
    </Bar>
  );
}

export function Files({ layouts }: { layouts: readonly Layout[] }) {
  const { files, busy, far } = useHandOver();
  if (busy) {
    return <Busy what={busy} far={far} unit="receivers" onStop={stopFilling} />;
  }
  if (!files.length) {
    return null;
  }
  const groups = [...new Set(files.map((file) => file.layout))].map((id) => ({
    id,
    layout: layouts.find((layout) => layout.id === id),
    own: files.filter((file) => file.layout === id),
  }));
  return (
    <>
      <Summary files={files} />
      <MoreBelow what={i18n._('files')} mah={{ base: '60vh', md: '38vh' }} flex="none">
        <Stack gap={8}>
          {groups.map(({ id, layout, own }) =>
            own.length > MANY ? (
              <Batches key={id} files={own} layout={layout} />
            ) : (
              own.map((file) => <FileCard key={file.name + id} file={file} layout={layout} />)
            ),
          )}
        </Stack>
      </MoreBelow>
    </>
  );
}
