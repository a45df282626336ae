// Where the receiver's own blank is dropped.
import { Paper, Stack, Text } from '@mantine/core';
import { Fragment } from 'react';
import { LinkButton } from '../../parts/LinkButton';
import { DEMO_BLANKS, demoFile } from '../../state/demo';
import { useBank } from '../../state/bank';
import type { Teach } from './use-teach';
import { i18n } from '../../../languages';

async function demoBlank(file: string): Promise<File> {
  const bytes = await demoFile(file);
  return new File([new Uint8Array(bytes)], file);
}

/** Blanks of the demo that have not been taught yet. */
function ToTry({ teach }: { teach: Teach }) {
  const layouts = useBank((state) => state.layouts);
  const known = new Set(layouts.map((kept) => kept.layout.blank?.name));
  const files = DEMO_BLANKS.map(({ file }) => file).filter((file) => !known.has(file));
  return files.length ? (
    <Text c="dimmed">
      {i18n._('To try it:')}{' '}
      {files.map((file, index) => (
        <Fragment key={file}>
          {index > 0 && ', '}
          <LinkButton onClick={() => void demoBlank(file).then((blank) => teach([blank]))}>
            {file}
          </LinkButton>
        </Fragment>
      ))}
    </Text>
  ) : null;
}

export function DropBlank({ isFirst, teach }: { isFirst: boolean; teach: Teach }) {
  return (
    <Paper p="md" bd="1.5px dashed var(--ink-soft)" style={{ flex: 'none' }}>
      <Stack gap={8}>
        <p>
          {i18n._(
            '{isFirst, select, true {Which receiver?} other {Another receiver?}} Drop its own blank file here: the form you download there to fill in (.xlsx, .ods, .csv, .tsv, .txt), or a sample of its text.',
            { isFirst },
          )}
        </p>
        <Text c="dimmed">
          {i18n._(
            'The program reads headings, instructions, drop-downs, lengths and samples, says what goes where and why, and you correct it by pointing.',
          )}
        </Text>
        <ToTry teach={teach} />
      </Stack>
    </Paper>
  );
}
