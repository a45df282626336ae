// The receiver's list of pictures: brought in as a file, looked up by name, taken away again.
import { Group, Text } from '@mantine/core';
import type { KeptLayout } from '../../../core/model';
import { core } from '../../../workers/client';
import { ChooseFiles } from '../../parts/ChooseFiles';
import { LinkButton } from '../../parts/LinkButton';
import { messageOf } from '../../parts/message-of';
import { say, sayProblem } from '../../parts/say';
import { changeLayout } from '../../state/layouts';
import { i18n } from '../../../languages';

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
        i18n._(
          '{name} lists no pictures: it needs a column with their names and one with their numbers or links.',
          { name: file.name },
        ),
      );
      return;
    }
    await changeLayout(kept, i18n._('Pictures of {name}', { name: kept.layout.name }), {
      ...kept.layout,
      pictures,
    });
    say(
      i18n._('{pictures, plural, one {# picture} other {# pictures}} of {name} can be looked up.', {
        pictures: pictures.length,
        name: file.name,
      }),
    );
  } catch (error) {
    sayProblem(messageOf(error, i18n._('{name} could not be read.', { name: file.name })));
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
    void changeLayout(kept, i18n._('Pictures of {name}', { name: layout.name }), rest);
  };
  return (
    <div>
      <b>{i18n._('Pictures')}</b>
      <Text size="sm">
        {pictures
          ? i18n._(
              '{pictures, plural, one {# picture} other {# pictures}} of the receiver’s are known by name, such as {name}, which is written as {picture}.',
              { pictures: pictures.length, name: pictures[0]!.name, picture: pictures[0]!.value },
            )
          : i18n._(
              'Where the receiver wants a number or a link of its own for a picture, bring in its list of them: name and number, or name and link.',
            )}
      </Text>
      <Group gap="xs">
        <ChooseFiles
          label={pictures ? i18n._('Another list') : i18n._('Choose a list')}
          accept=".csv,.tsv,.txt,.xlsx,.ods"
          testId="picture-list"
          isMain={false}
          onFiles={(files) => void take(kept, files)}
        />
        {pictures && <LinkButton onClick={forget}>{i18n._('Forget the list')}</LinkButton>}
      </Group>
    </div>
  );
}
