// The rows as a block for receivers that take no file: where to paste it is said on the button and after the click.
import { Button, Text } from '@mantine/core';
import { useState } from 'react';
import type { Layout } from '../../../core/model';
import { count } from '../../../core/shared/plain';
import { isFilled } from '../../../core/shared/roles';
import { LinkButton } from '../../parts/LinkButton';
import { sayProblem } from '../../parts/say';
import { copyBlock, type FilledFile } from '../../state/hand-over';

const REFUSED =
  'The browser refused the clipboard. Take the file instead, or allow the clipboard for this page.';

/** The first cell that is filled. */
const cornerOf = ({ pasteAt, columns, file }: Layout): string =>
  pasteAt ?? `${columns.find(({ role }) => isFilled(role))?.column ?? 'A'}${file.firstRow ?? 1}`;

export function CopyBlock({ layout, file }: { layout: Layout; file: FilledFile }) {
  const [copied, setCopied] = useState<{ rows: number; cell: string }>();
  const copy = (): void => {
    copyBlock(file).then(setCopied, () => sayProblem(REFUSED));
  };
  const words = `Copy as a block for ${cornerOf(layout)}`;
  return (
    <>
      {layout.pasteAt ? (
        <Button variant="filled" onClick={copy}>
          {words}
        </Button>
      ) : (
        <LinkButton fz={13} onClick={copy}>
          {words}
        </LinkButton>
      )}
      {copied && (
        <Text size="xs" role="status">
          {count(copied.rows, 'row')} copied: click cell {copied.cell} there and paste.
        </Text>
      )}
    </>
  );
}
