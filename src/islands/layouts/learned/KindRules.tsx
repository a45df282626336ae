// What holds for one kind alone: another notation of its key, and what stays empty for it.
import { Checkbox, Group, Select, Stack } from '@mantine/core';
import {
  KINDS,
  type KeptLayout,
  type KeyStyle,
  type Kind,
  type KindRule,
  type Role,
} from '../../../core/model';
import { kindName } from '../../../core/shared/kind-names';
import { roleWords } from '../../../core/shared/roles';
import { defined } from '../../../core/shared/defined';
import type { Choices } from '../../parts/Commit';
import { PickRow, TextRow } from '../../parts/FieldRow';
import { LinkButton } from '../../parts/LinkButton';
import { KEY_WORDS } from '../../parts/roles';
import { changeLayout } from '../../state/layouts';
import { i18n } from '../../../languages';

const AS_OTHERS = 'as-others';
const STYLES: Choices<KeyStyle | typeof AS_OTHERS> = [
  [AS_OTHERS, i18n._('as for the others')],
  ['word', KEY_WORDS.word],
  ['marker', i18n._('a sign at the answer')],
  ['letter', KEY_WORDS.letter],
  ['number', KEY_WORDS.number],
  ['text', KEY_WORDS.text],
];
const SIGN_WIDTH = 84;
/** What a question may say nothing of. */
const MAY_STAY_EMPTY: readonly Role[] = [
  'option',
  'options',
  'key',
  'verdict',
  'weight',
  'wrong',
  'wrongs',
  'feedback',
  'seconds',
  'points',
];

type Props = { rule: KindRule; onChange: (rule: KindRule) => void };

/** How the key of the kind is written, where otherwise than that of the others. */
function KeyOfRule({ rule, onChange }: Props) {
  const { key } = rule;
  const pick = (style: KeyStyle | typeof AS_OTHERS): void =>
    onChange(defined({ ...rule, key: style === AS_OTHERS ? undefined : { style } }));
  const put = (part: Partial<NonNullable<KindRule['key']>>): void =>
    onChange({ ...rule, key: { ...key!, ...part } });
  return (
    <>
      <PickRow
        label={i18n._('Right answer of {kindName} by', { kindName: kindName(rule.kind) })}
        value={key?.style ?? AS_OTHERS}
        choices={STYLES}
        onPick={pick}
      />
      {key?.style === 'marker' && (
        <TextRow
          label={i18n._('the sign')}
          width={SIGN_WIDTH}
          value={key.marker ?? '*'}
          onCommit={(marker) => put({ marker: marker || '*' })}
        />
      )}
      {key?.style === 'word' &&
        (['right', 'wrong'] as const).map((name) => (
          <TextRow
            key={name}
            label={i18n._('word for {isName, select, true {true} other {false}}', {
              isName: name === 'right',
            })}
            value={key[name] ?? ''}
            onCommit={(word) => put({ [name]: word || undefined })}
          />
        ))}
    </>
  );
}

/** The roles whose cells stay empty. */
function LeaveOfRule({ rule, roles, onChange }: Props & { roles: readonly Role[] }) {
  const leave = rule.leave ?? [];
  const tick = (role: Role, isOn: boolean): void => {
    const next = isOn ? [...leave, role] : leave.filter((other) => other !== role);
    onChange(defined({ ...rule, leave: next.length ? next : undefined }));
  };
  return (
    <Group gap="sm" mih={28}>
      <span aria-hidden>{i18n._('stays empty:')}</span>
      {roles.map((role) => (
        <Checkbox
          key={role}
          label={roleWords(role)}
          aria-label={i18n._('{kindName}: {roleWords} stays empty', {
            kindName: kindName(rule.kind),
            roleWords: roleWords(role),
          })}
          checked={leave.includes(role)}
          onChange={(event) => tick(role, event.currentTarget.checked)}
        />
      ))}
    </Group>
  );
}

export function KindRules({ kept }: { kept: KeptLayout }) {
  const { layout, because } = kept;
  const rules = layout.byKind ?? [];
  const put = (kind: Kind, rule: KindRule | undefined): void => {
    const others = rules.filter((own) => own.kind !== kind);
    const next = rule ? [...others, rule] : others;
    next.sort((a, b) => KINDS.indexOf(a.kind) - KINDS.indexOf(b.kind));
    const byKind = next.length ? next : undefined;
    void changeLayout(
      kept,
      i18n._('Rules for {kindName}', { kindName: kindName(kind) }),
      { ...layout, byKind },
      [`byKind.${kind}`],
    );
  };
  const roles = MAY_STAY_EMPTY.filter((role) => layout.columns.some((own) => own.role === role));
  const free = KINDS.filter((kind) => !rules.some((rule) => rule.kind === kind));
  const words = rules.map(({ kind }) => kindName(kind)).join(', ');
  return (
    <details open={rules.length > 0}>
      <summary>
        <b>{i18n._('For one kind alone')}</b>{' '}
        <span className="soft">{words || i18n._('nothing')}</span>
      </summary>
      <Stack gap={6}>
        {rules.map((rule) => (
          <div key={rule.kind} title={because[`byKind.${rule.kind}`]}>
            <KeyOfRule rule={rule} onChange={(next) => put(rule.kind, next)} />
            <LeaveOfRule rule={rule} roles={roles} onChange={(next) => put(rule.kind, next)} />
            <LinkButton onClick={() => put(rule.kind, undefined)}>
              {i18n._('{kindName} like the others', { kindName: kindName(rule.kind) })}
            </LinkButton>
          </div>
        ))}
        <Select
          aria-label={i18n._('A kind that is written otherwise')}
          placeholder={i18n._('Another kind is written otherwise …')}
          value={null}
          data={free.map((kind) => ({ value: kind, label: kindName(kind) }))}
          onChange={(kind) => kind && put(kind, { kind: kind })}
        />
      </Stack>
    </details>
  );
}
