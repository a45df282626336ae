// The head of one layout: its name, how sure the program is of it, and the way on.
import { Anchor, Group } from '@mantine/core';
import { Link, useLocation } from 'wouter';
import type { KeptLayout } from '../../core/model';
import { count } from '../../core/shared/plain';
import { CommitName } from '../parts/NameField';
import { PlaceHead } from '../parts/PlaceHead';
import { useAnnounce } from '../state/announce';
import { changeLayout } from '../state/layouts';
import { MoreMenu } from './MoreMenu';

function doubtsOf({ unsure, layout }: KeptLayout): string {
  if (unsure.length) {
    return `${count(unsure.length, 'guess wants', 'guesses want')} a look`;
  }
  return layout.blank ? 'nothing unsure' : 'your own layout';
}

function factsOf(kept: KeptLayout): string {
  const { blank, edition } = kept.layout;
  return [blank?.name, doubtsOf(kept), edition && `edition ${edition}`].filter(Boolean).join(', ');
}

const Name = ({ kept }: { kept: KeptLayout }) => (
  <CommitName
    label="Name of the layout"
    value={kept.layout.name}
    onCommit={(name) =>
      void changeLayout(kept, `Rename ${kept.layout.name}`, { ...kept.layout, name })
    }
  />
);

export function TeachHead({ kept }: { kept: KeptLayout }) {
  const [, go] = useLocation();
  useAnnounce(`${kept.layout.name}: ${doubtsOf(kept)}.`);
  const main = {
    label: `Hand over to ${kept.layout.name}`,
    help: 'Fill its file with your questions.',
    run: () => go('/hand-over'),
  };
  const title = (
    <Group gap="xs" component="span">
      <Anchor component={Link} href="/layouts" c="dimmed">
        Layouts
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
