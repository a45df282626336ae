// A small act among words: it reads as a part of the sentence, and is pressed like a button.
import { Anchor, type AnchorProps, type ElementProps } from '@mantine/core';
import type { Ref } from 'react';

type Props = AnchorProps &
  ElementProps<'button', keyof AnchorProps> & { ref?: Ref<HTMLButtonElement> };

export function LinkButton({ c = 'inherit', ...rest }: Props) {
  return (
    <Anchor component="button" type="button" c={c} fz="inherit" ta="left" mih={24} {...rest} />
  );
}
