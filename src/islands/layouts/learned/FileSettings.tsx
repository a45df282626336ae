// Cells of the form that set something for the whole file, and the receiver's words for yes and no there.
import { Stack } from '@mantine/core';
import { SETTINGS, type FileSetting, type KeptLayout } from '../../../core/model';
import { TextRow } from '../../parts/FieldRow';
import { SETTING_WORDS } from '../../parts/setting-words';
import { changeLayout } from '../../state/layouts';
import { i18n } from '../../../languages';

type Setting = FileSetting['setting'];
const CELL = /^[A-Z]{1,3}[1-9]\d*$/;
const SIGN_WIDTH = 84;
const CHOICES: ReadonlySet<Setting> = new Set<Setting>(['shuffle', 'across', 'use']);

export function FileSettings({ kept }: { kept: KeptLayout }) {
  const { layout, because } = kept;
  const settings = layout.settings ?? [];
  const put = (setting: Setting, next: FileSetting | undefined): void => {
    const others = settings.filter((own) => own.setting !== setting);
    const all = next ? [...others, next] : others;
    void changeLayout(
      kept,
      i18n._('Settings of {name}', { name: layout.name }),
      { ...layout, settings: all.length ? all : undefined },
      [`settings.${setting}`],
    );
  };
  const known = (setting: Setting): FileSetting | undefined =>
    settings.find((own) => own.setting === setting);
  const commitCell = (setting: Setting, text: string): boolean => {
    const cell = text.toUpperCase();
    if (cell && !CELL.test(cell)) {
      return false;
    }
    put(setting, cell ? { ...known(setting), cell, setting } : undefined);
    return true;
  };
  return (
    <details open={settings.length > 0}>
      <summary>
        <b>{i18n._('For the whole file')}</b>{' '}
        <span className="soft">
          {settings.map(({ setting }) => SETTING_WORDS[setting]).join(', ') || i18n._('nothing')}
        </span>
      </summary>
      <Stack gap={3}>
        {SETTINGS.map((setting) => {
          const own = known(setting);
          const words = own?.values ?? { yes: '', no: '' };
          return (
            <div key={setting}>
              <TextRow
                label={i18n._('Cell for {settingWord}', { settingWord: SETTING_WORDS[setting] })}
                width={SIGN_WIDTH}
                placeholder={i18n._('none')}
                why={own && because[`settings.${setting}`]}
                value={own?.cell ?? ''}
                onCommit={(text) => commitCell(setting, text)}
              />
              {own &&
                CHOICES.has(setting) &&
                (['yes', 'no'] as const).map((name) => (
                  <TextRow
                    key={name}
                    label={i18n._('its word for {name}', { name })}
                    width={SIGN_WIDTH}
                    placeholder={name}
                    value={words[name]}
                    onCommit={(word) =>
                      put(setting, { ...own, values: { ...words, [name]: word } })
                    }
                  />
                ))}
            </div>
          );
        })}
      </Stack>
    </details>
  );
}
