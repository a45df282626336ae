// Where a dropped file goes, said over the whole page while one is dragged across it.
import { Center, Text } from '@mantine/core';
import { Dropzone } from '@mantine/dropzone';
import { DROP_AREA, useDropped } from './use-dropped';

export function DropAnywhere() {
  const { take, words } = useDropped();
  return (
    <Dropzone.FullScreen
      active
      activateOnKeyboard={false}
      aria-hidden
      data-drop-area={DROP_AREA}
      onDrop={take}
    >
      <Center mih="70vh" style={{ pointerEvents: 'none' }}>
        <Text size="xl" fw={700}>
          {words}
        </Text>
      </Center>
    </Dropzone.FullScreen>
  );
}
