// The filled files, each with what the read-back found.
import { Button, Group, Paper, Stack, Text } from '@mantine/core';
import type { Layout } from '../../../core/model';
import { count } from '../../../core/shared/plain';
import { Bar } from '../../parts/Bar';
import { Busy } from '../../parts/Busy';
import { MoreBelow } from '../../parts/MoreBelow';
import { useAnnounce } from '../../state/announce';
import { stopFilling, takeAll, useHandOver, type FilledFile } from '../../state/hand-over';
import { FileCard } from './FileCard';

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
            {layout?.name}: {files.length} numbered files
          </b>{' '}
          <Text component="span" c="dimmed" size="sm">
            {count(questions, 'question')},{' '}
            {differ ? `${differ} files came back other than meant` : 'all read back as meant'}
          </Text>
        </summary>
        <Stack gap={6} mt={6}>
          <Group>
            <Button size="xs" onClick={() => void takeAll(files)}>
              Take these {files.length} as one zip
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
  const found = differ ? `; ${differ} came back other than meant` : ', all as meant';
  const words = `${count(files.length, 'file')} filled and read back${found}.`;
  useAnnounce(words);
  return (
    <Bar
      tone={differ ? 'warn' : 'fine'}
      acts={
        differ > 0 && (
          <Button size="xs" onClick={() => void takeAll(files)}>
            Take all {files.length} as one zip with their differences
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
      <MoreBelow what="files" mah={{ base: '60vh', md: '38vh' }} flex="none">
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
