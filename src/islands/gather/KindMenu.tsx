// The kind of a question as a word, with the other kinds one click away.
import { Menu, UnstyledButton } from '@mantine/core';
import { KINDS, type Item, type Kind } from '../../core/model';
import { kindName } from '../../core/shared/kind-names';
import { sayProblem } from '../parts/say';
import { setCell } from '../parts/cells';
import { mendAll } from '../state/gather';
import { i18n } from '../../languages';

/** Gives questions another kind, with what of their answers that can hold; those that can't take it stay. */
export function giveKind(items: readonly Item[], kind: Kind): void {
  const changes = items.flatMap((item): (readonly [Item, Partial<Item>])[] => {
    const fields = setCell(item, 'kind', kindName(kind));
    if ('refused' in fields) {
      sayProblem(fields.refused);
      return [];
    }
    return Object.keys(fields).length ? [[item, fields]] : [];
  });
  void mendAll(changes);
}

export function KindMenu({ item, isFixed }: { item: Item; isFixed: boolean }) {
  const name = kindName(item.kind);
  if (isFixed) {
    return <span className="kind-word">{name}</span>;
  }
  return (
    <Menu position="bottom-start" withinPortal>
      <Menu.Target>
        <UnstyledButton
          className={`kind-word ${item.kind === 'choice-one' ? 'usual' : ''}`}
          tabIndex={-1}
          aria-label={i18n._('Kind: {name}', { name })}
        >
          {name}
        </UnstyledButton>
      </Menu.Target>
      <Menu.Dropdown>
        <Menu.Label>{i18n._('It is')}</Menu.Label>
        {KINDS.filter((kind) => kind !== item.kind).map((kind) => (
          <Menu.Item key={kind} onClick={() => giveKind([item], kind)}>
            {kindName(kind)}
          </Menu.Item>
        ))}
      </Menu.Dropdown>
    </Menu>
  );
}
