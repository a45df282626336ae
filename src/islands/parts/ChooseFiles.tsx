// A button that opens the computer's own list of files.
import { Button, FileButton } from '@mantine/core';
import { useRef } from 'react';

export function ChooseFiles({
  label,
  accept,
  testId,
  isMain = false,
  onFiles,
}: {
  label: string;
  accept: string;
  /** The hidden field's name in tests: the list itself can't be driven. */
  testId: string;
  isMain?: boolean;
  onFiles: (files: File[]) => void;
}) {
  // The same file can be chosen again.
  const reset = useRef<() => void>(null);
  return (
    <FileButton
      multiple
      resetRef={reset}
      accept={accept}
      inputProps={{ 'data-testid': testId } as object}
      onChange={(files) => {
        onFiles(files);
        reset.current?.();
      }}
    >
      {(button) => (
        <Button {...button} variant={isMain ? 'filled' : 'default'}>
          {label}
        </Button>
      )}
    </FileButton>
  );
}
