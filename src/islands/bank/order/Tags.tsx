// Every tag of the bank with its count: renamed in place, split into a name and a value, taken off, shown.
import { Group, Text } from '@mantine/core';
import { splitTag, type ManyChange, type TagCount } from '../../../core/banks';
import { tagText } from '../../../core/shared/plain';
import { tagOf } from '../../parts/cells';
import { CommitText } from '../../parts/Commit';
import { LinkButton } from '../../parts/LinkButton';
import { i18n } from '../../../languages';

type Props = {
  tags: readonly TagCount[];
  onChange: (change: ManyChange) => void;
  onShow: (words: string) => void;
};

function TagRow({ tag, n, onChange, onShow }: TagCount & Omit<Props, 'tags'>) {
  const words = tagText(tag);
  const split = splitTag(tag);
  return (
    <Group gap="xs" wrap="nowrap" role="listitem">
      <CommitText
        aria-label={i18n._('Tag {words}', { words })}
        style={{ flex: 1 }}
        value={words}
        onCommit={(text) => {
          if (!text) {
            return false;
          }
          onChange({ is: 'replace-tag', tag, by: tagOf(text) });
          return true;
        }}
      />
      <LinkButton
        fz={13}
        miw={26}
        aria-label={i18n._('Show the {n, number} of {words}', { n, words })}
        onClick={() => onShow(words)}
      >
        <span className="mono">{n}</span>
      </LinkButton>
      {split && (
        <LinkButton
          fz={13}
          title={i18n._('Becomes {split}', { split: tagText(split) })}
          onClick={() => onChange({ is: 'replace-tag', tag, by: split })}
        >
          {i18n._('Split')}
        </LinkButton>
      )}
      <LinkButton
        fz={13}
        aria-label={i18n._('Take off {words}', { words })}
        onClick={() => onChange({ is: 'remove-tag', tag })}
      >
        {i18n._('Take off')}
      </LinkButton>
    </Group>
  );
}

export function Tags({ tags, onChange, onShow }: Props) {
  if (!tags.length) {
    return <Text c="dimmed">{i18n._('No question carries a tag.')}</Text>;
  }
  return (
    <div role="list" className="order-list" tabIndex={0} aria-label={i18n._('Tags')}>
      {tags.map((one) => (
        <TagRow key={tagText(one.tag)} {...one} onChange={onChange} onShow={onShow} />
      ))}
    </div>
  );
}
