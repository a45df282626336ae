// The pictures of the question at hand: described, taken off, and added from a file, by dropping or by pasting.
import { Button, FileButton, Group, Text } from '@mantine/core';
import { useEffect } from 'react';
import type { Item } from '../../../core/model';
import { bringPictures } from '../../parts/bring-pictures';
import { CommitText } from '../../parts/Commit';
import { isTyping } from '../../parts/keys';
import { LinkButton } from '../../parts/LinkButton';
import { Pictures } from '../../parts/Rich';
import { arePictures, changePictures, PICTURE_TYPES } from '../../state/pictures';
import { i18n } from '../../../languages';

/** A picture in the clipboard belongs to the question that is shown, unless a field is being typed in. */
function usePastedPictures(id: string): void {
  useEffect(() => {
    const take = (event: ClipboardEvent): void => {
      const files = [...(event.clipboardData?.files ?? [])];
      if (arePictures(files) && !isTyping(event.target)) {
        event.preventDefault();
        void bringPictures(id, files);
      }
    };
    document.addEventListener('paste', take);
    return () => document.removeEventListener('paste', take);
  }, [id]);
}

/** A picture from a file; it may be dropped or pasted as well. */
export function AddPicture({ id }: { id: string }) {
  usePastedPictures(id);
  return (
    <Group gap="xs">
      <FileButton
        accept={PICTURE_TYPES}
        multiple
        onChange={(files) => void bringPictures(id, files)}
      >
        {(props) => (
          <Button {...props} size="xs">
            {i18n._('Add a picture …')}
          </Button>
        )}
      </FileButton>
      <Text size="xs" c="dimmed">
        {i18n._('or drop one, or paste it')}
      </Text>
    </Group>
  );
}

export function PanelPictures({ item: { id, media = [] } }: { item: Item }) {
  const describe = (place: number, alt: string): void =>
    void changePictures(
      id,
      (ref) => i18n._('Describe a picture of {ref}', { ref }),
      (all) => all.map((one, at) => (at === place ? { ...one, alt: alt.trim() } : one)),
    );
  const takeOff = (place: number): void =>
    void changePictures(
      id,
      (ref) => i18n._('Take a picture off {ref}', { ref }),
      (all) => all.filter((_, at) => at !== place),
    );
  return media.map((picture, place) => (
    <div key={`${place} ${picture.href.length}`}>
      <Pictures media={[picture]} />
      <Group gap="xs" wrap="nowrap">
        <CommitText
          aria-label={i18n._('What picture {place} shows', { place: place + 1 })}
          placeholder={i18n._('What it shows, for those who don’t see it')}
          size="xs"
          flex={1}
          value={picture.alt ?? ''}
          onCommit={(text) => describe(place, text)}
        />
        <LinkButton onClick={() => takeOff(place)}>{i18n._('Take it off')}</LinkButton>
      </Group>
    </div>
  ));
}
