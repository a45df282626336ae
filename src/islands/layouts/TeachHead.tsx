// The head of one layout: its name, how sure the program is of it, and the way on.
import { Anchor, Group } from '@mantine/core';
import { Link, useLocation } from 'wouter';
import type { KeptLayout } from '../../core/model';
import { CommitName } from '../parts/NameField';
import { PlaceHead } from '../parts/PlaceHead';
import { useAnnounce } from '../state/announce';
import { changeLayout } from '../state/layouts';
import { MoreMenu } from './MoreMenu';
import { i18n } from '../../languages';

function doubtsOf({ unsure, layout }: KeptLayout): string {
  if (unsure.length) {
    return i18n._('{unsure, plural, one {# guess wants} other {# guesses want}} a look', {
      unsure: unsure.length,
    });
  }
  return layout.blank ? i18n._('nothing unsure') : i18n._('your own layout');
}

function factsOf(kept: KeptLayout): string {
  const { blank, edition } = kept.layout;
  return [blank?.name, doubtsOf(kept), edition && i18n._('edition {edition}', { edition })]
    .filter(Boolean)
    .join(', ');
}

const Name = ({ kept }: { kept: KeptLayout }) => (
  <CommitName
    label={i18n._('Name of the layout')}
    value={kept.layout.name}
    onCommit={(name) =>
      void changeLayout(kept, i18n._('Rename {name}', { name: kept.layout.name }), {
        ...kept.layout,
        name,
      })
    }
  />
);

export function TeachHead({ kept }: { kept: KeptLayout }) {
  const [, go] = useLocation();
  useAnnounce(`${kept.layout.name}: ${doubtsOf(kept)}.`);
  const main = {
    label: i18n._('Hand over to {name}', { name: kept.layout.name }),
    help: i18n._('Fill its file with your questions.'),
    run: () => go('/hand-over'),
  };
  const title = (
    <Group gap="xs" component="span">
      <Anchor component={Link} href="/layouts" c="dimmed">
        {i18n._('Layouts')}
      </Anchor>
      / <Name kept={kept} />
    </Group>
  );
  return (
    <PlaceHead title={title} facts={factsOf(kept)} main={main}>
      <MoreMenu kept={kept} />
    </PlaceHead>
  );
}
