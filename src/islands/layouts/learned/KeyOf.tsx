// How the receiver's file says which answer is right.
import type { KeptLayout, KeyStyle, Layout } from '../../../core/model';
import type { Choices } from '../../parts/Commit';
import { PickRow, TextRow } from '../../parts/FieldRow';
import { KEY_WORDS } from '../../parts/roles';
import { changeLayout } from '../../state/layouts';
import { i18n } from '../../../languages';

const STYLES = Object.entries(KEY_WORDS) as unknown as Choices<KeyStyle>;
const JOINED = new Set<KeyStyle>(['letter', 'number', 'number-from-0', 'text']);
const WORDED = new Set<KeyStyle>(['verdict', 'word']);
const SIGN_WIDTH = 84;

export function KeyOf({ kept }: { kept: KeptLayout }) {
  const { layout, because } = kept;
  const { key } = layout;
  const change = (next: Partial<Layout['key']>): void => {
    void changeLayout(
      kept,
      i18n._('Key of {name}', { name: layout.name }),
      { ...layout, key: { ...key, ...next } },
      ['key'],
    );
  };
  return (
    <div>
      <PickRow
        label={i18n._('Right answer by')}
        why={because['key']}
        value={key.style}
        choices={STYLES}
        onPick={(style) => change({ style })}
      />
      {JOINED.has(key.style) && (
        <TextRow
          label={i18n._('several joined by')}
          width={SIGN_WIDTH}
          placeholder={key.separator === '' ? i18n._('nothing') : i18n._('one only')}
          value={key.separator ?? ''}
          onCommit={(separator) => change({ separator: separator || undefined })}
        />
      )}
      {key.style === 'marker' && (
        <TextRow
          label={i18n._('the sign')}
          width={SIGN_WIDTH}
          value={key.marker ?? '*'}
          onCommit={(marker) => change({ marker: marker || '*' })}
        />
      )}
      {WORDED.has(key.style) &&
        (['right', 'wrong'] as const).map((name) => (
          <TextRow
            key={name}
            label={i18n._('word for {name}', { name })}
            value={key[name] ?? ''}
            onCommit={(word) => change({ [name]: word || undefined })}
          />
        ))}
    </div>
  );
}
