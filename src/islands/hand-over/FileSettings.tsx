// What the receivers in view take for the whole file: shuffling, points, tries, seconds. What is left open follows the questions.
import { NumberInput, Select } from '@mantine/core';
import { SETTINGS, type FileSetting, type KeptLayout, type Settings } from '../../core/model';
import { SETTING_WORDS } from '../parts/setting-words';
import { setWishes, useHandOver } from '../state/hand-over';
import { i18n } from '../../languages';

type Setting = FileSetting['setting'];
type Worded = 'shuffle' | 'across' | 'use';

const WORDED: Record<Worded, readonly (readonly [string, string, Settings[Worded]])[]> = {
  shuffle: [
    ['yes', i18n._('shuffled'), true],
    ['no', i18n._('not shuffled'), false],
  ],
  across: [
    ['yes', i18n._('options across'), true],
    ['no', i18n._('options down'), false],
  ],
  use: [
    ['practice', i18n._('practice'), 'practice'],
    ['scored', i18n._('scored'), 'scored'],
  ],
};
const isWorded = (setting: Setting): setting is Worded => setting in WORDED;
const OPEN = '';

/** The settings that any receiver in view has a cell for. */
const askedBy = (kept: readonly KeptLayout[]): Setting[] =>
  SETTINGS.filter((setting) =>
    kept.some(({ layout }) => layout.settings?.some((own) => own.setting === setting)),
  );

export function FileSettings({ kept }: { kept: readonly KeptLayout[] }) {
  const { settings } = useHandOver();
  const wish = (part: Partial<Settings>): void => setWishes({ settings: { ...settings, ...part } });
  return askedBy(kept).map((setting) => {
    const label = i18n._('{settingWord} for the whole file', {
      settingWord: SETTING_WORDS[setting],
    });
    if (!isWorded(setting)) {
      return (
        <NumberInput
          key={setting}
          aria-label={label}
          placeholder={i18n._('{settingWord}: as they say', {
            settingWord: SETTING_WORDS[setting],
          })}
          w={150}
          hideControls
          min={0}
          allowNegative={false}
          value={settings[setting] ?? ''}
          onChange={(value) => wish({ [setting]: value === '' ? undefined : Number(value) })}
        />
      );
    }
    const choices = WORDED[setting];
    return (
      <Select
        key={setting}
        aria-label={label}
        w={190}
        value={choices.find(([, , value]) => value === settings[setting])?.[0] ?? OPEN}
        data={[
          {
            value: OPEN,
            label: i18n._('{settingWord}: as they say', { settingWord: SETTING_WORDS[setting] }),
          },
          ...choices.map(([value, text]) => ({ value, label: text })),
        ]}
        onChange={(picked) => wish({ [setting]: choices.find(([value]) => value === picked)?.[2] })}
      />
    );
  });
}
