// The receiver's list of pictures: brought in as a file, looked up by name, taken away again.
import { Group, Text } from '@mantine/core';
import type { KeptLayout } from '../../../core/model';
import { count } from '../../../core/shared/plain';
import { core } from '../../../workers/client';
import { ChooseFiles } from '../../parts/ChooseFiles';
import { LinkButton } from '../../parts/LinkButton';
import { messageOf } from '../../parts/message-of';
import { say, sayProblem } from '../../parts/say';
import { changeLayout } from '../../state/layouts';

async function take(kept: KeptLayout, [file]: readonly File[]): Promise<void> {
  if (!file) {
    return;
  }
  try {
    const pictures = await core().picturesOfFile(
      file.name,
      new Uint8Array(await file.arrayBuffer()),
    );
    if (!pictures.length) {
      sayProblem(
        `${file.name} lists no pictures: it needs a column with their names and one with their numbers or links.`,
      );
      return;
    }
    await changeLayout(kept, `Pictures of ${kept.layout.name}`, { ...kept.layout, pictures });
    say(`${count(pictures.length, 'picture')} of ${file.name} can be looked up.`);
  } catch (error) {
    sayProblem(messageOf(error, `${file.name} could not be read.`));
  }
}

export function Pictures({ kept }: { kept: KeptLayout }) {
  const { layout } = kept;
  const { pictures } = layout;
  const hasPictures =
    layout.columns.some(({ role }) => role === 'image') ||
    layout.pattern?.forms.some(({ parts }) => parts.some(({ role }) => role === 'image'));
  if (!hasPictures) {
    return null;
  }
  const forget = (): void => {
    const { pictures: _pictures, ...rest } = layout;
    void changeLayout(kept, `Pictures of ${layout.name}`, rest);
  };
  return (
    <div>
      <b>Pictures</b>
      <Text size="sm">
        {pictures
          ? `${count(pictures.length, 'picture')} of the receiver’s are known by name, such as ${pictures[0]!.name}, which is written as ${pictures[0]!.value}.`
          : 'Where the receiver wants a number or a link of its own for a picture, bring in its list of them: name and number, or name and link.'}
      </Text>
      <Group gap="xs">
        <ChooseFiles
          label={pictures ? 'Another list' : 'Choose a list'}
          accept=".csv,.tsv,.txt,.xlsx,.ods"
          testId="picture-list"
          isMain={false}
          onFiles={(files) => void take(kept, files)}
        />
        {pictures && <LinkButton onClick={forget}>Forget the list</LinkButton>}
      </Group>
    </div>
  );
}
