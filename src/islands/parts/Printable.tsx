// A page as it will be printed, with what can be done with it.
import { Button, Group } from '@mantine/core';
import { useRef } from 'react';
import { i18n } from '../../languages';

export function Printable({
  title,
  html,
  onTake,
}: {
  title: string;
  /** The page; undefined while it is made. */
  html: string | undefined;
  onTake: () => void;
}) {
  const frame = useRef<HTMLIFrameElement>(null);
  return (
    <>
      <iframe
        ref={frame}
        title={title}
        className="print-preview"
        sandbox="allow-same-origin allow-modals"
        srcDoc={html ?? ''}
      />
      <Group justify="flex-end">
        <Button disabled={!html} onClick={onTake}>
          {i18n._('Take the file')}
        </Button>
        <Button
          variant="filled"
          disabled={!html}
          onClick={() => frame.current?.contentWindow?.print()}
        >
          {i18n._('Print')}
        </Button>
      </Group>
    </>
  );
}
