// Every tag of the bank with its count: renamed in place, split into a name and a value, taken off, shown.
import { Group, Text } from '@mantine/core';
import { splitTag, type ManyChange, type TagCount } from '../../../core/banks';
import { tagText } from '../../../core/shared/plain';
import { tagOf } from '../../parts/cells';
import { CommitText } from '../../parts/Commit';
import { LinkButton } from '../../parts/LinkButton';

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
        aria-label={`Tag ${words}`}
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
        aria-label={`Show the ${n} of ${words}`}
        onClick={() => onShow(words)}
      >
        <span className="mono">{n}</span>
      </LinkButton>
      {split && (
        <LinkButton
          fz={13}
          title={`Becomes ${tagText(split)}`}
          onClick={() => onChange({ is: 'replace-tag', tag, by: split })}
        >
          Split
        </LinkButton>
      )}
      <LinkButton
        fz={13}
        aria-label={`Take off ${words}`}
        onClick={() => onChange({ is: 'remove-tag', tag })}
      >
        Take off
      </LinkButton>
    </Group>
  );
}

export function Tags({ tags, onChange, onShow }: Props) {
  if (!tags.length) {
    return <Text c="dimmed">No question carries a tag.</Text>;
  }
  return (
    <div role="list" className="order-list" tabIndex={0} aria-label="Tags">
      {tags.map((one) => (
        <TagRow key={tagText(one.tag)} {...one} onChange={onChange} onShow={onShow} />
      ))}
    </div>
  );
}
