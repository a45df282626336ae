// The rows as a block for receivers that take no file: where to paste it is said on the button and after the click.
import { Button, Text } from '@mantine/core';
import { useState } from 'react';
import type { Layout } from '../../../core/model';
import { isFilled } from '../../../core/shared/roles';
import { LinkButton } from '../../parts/LinkButton';
import { sayProblem } from '../../parts/say';
import { copyBlock, type FilledFile } from '../../state/hand-over';
import { i18n } from '../../../languages';

const REFUSED = i18n._(
  'The browser refused the clipboard. Take the file instead, or allow the clipboard for this page.',
);

/** The first cell that is filled. */
const cornerOf = ({ pasteAt, columns, file }: Layout): string =>
  pasteAt ?? `${columns.find(({ role }) => isFilled(role))?.column ?? 'A'}${file.firstRow ?? 1}`;

export function CopyBlock({ layout, file }: { layout: Layout; file: FilledFile }) {
  const [copied, setCopied] = useState<{ rows: number; cell: string }>();
  const copy = (): void => {
    copyBlock(file).then(setCopied, () => sayProblem(REFUSED));
  };
  const words = i18n._('Copy as a block for {cornerOf}', { cornerOf: cornerOf(layout) });
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
          {i18n._(
            '{rows, plural, one {# row} other {# rows}} copied: click cell {cell} there and paste.',
            { rows: copied.rows, cell: copied.cell },
          )}
        </Text>
      )}
    </>
  );
}
