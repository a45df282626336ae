// A file dropped anywhere on any place: a blank where layouts are taught, a source everywhere else.
import { Center, Text } from '@mantine/core';
import { Dropzone } from '@mantine/dropzone';
import { useLocation } from 'wouter';
import { bringFiles } from '../state/gather';
import { teachBlanks } from '../state/layouts';

export function DropAnywhere() {
  const [path, go] = useLocation();
  const isBlank = path.startsWith('/layouts') || path.startsWith('/hand-over');
  const take = (files: File[]): void => {
    if (isBlank) {
      go('/layouts');
      void teachBlanks(files).then((id) => id && go(`/layouts/${id}`));
    } else {
      go('/gather');
      void bringFiles(files);
    }
  };
  const words = isBlank
    ? 'Drop receivers’ blanks to teach them'
    : 'Drop the files to look at their questions';
  return (
    <Dropzone.FullScreen active activateOnKeyboard={false} aria-hidden onDrop={take}>
      <Center mih="70vh" style={{ pointerEvents: 'none' }}>
        <Text size="xl" fw={700}>
          {words}
        </Text>
      </Center>
    </Dropzone.FullScreen>
  );
}
