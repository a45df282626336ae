import { quoted } from '../shared/plain';
import { undoMojibake } from '../shared/windows-1252';
import { choice, options } from './examples';
import { anyText, patchTexts, textsOf } from './texts';
import type { ItemCheck } from './contract';
import { say, toSay } from '../shared/say';

export const textMojibake: ItemCheck = {
  id: 'text-mojibake',
  level: 'warn',
  looksFor: toSay('letters that came apart when UTF-8 was read as Windows-1252'),
  why: toSay(
    'A file saved in one encoding and opened in another shows two or three strange signs for each accented letter.',
  ),
  source:
    'The Unicode Standard 15, section 3.9 (UTF-8), with the WHATWG Encoding Standard’s table of windows-1252',
  run: (item) =>
    !anyText(item, (text) => undoMojibake(text) !== undefined)
      ? []
      : textsOf(item).flatMap(({ field, name, text }) => {
          const mended = undoMojibake(text);
          return mended === undefined
            ? []
            : [
                {
                  field,
                  message: say(
                    '{name} was decoded wrongly on its way: {text} was probably {mended}.',
                    { name, text: quoted(text), mended: quoted(mended) },
                  ),
                  mend: {
                    label: say('Write {mended}', { mended: quoted(mended, 30) }),
                    patch: patchTexts(item, (one) => undoMojibake(one) ?? one),
                    sure: true,
                  },
                },
              ];
        }),
  examples: {
    passes: [
      choice({ stem: { plain: 'Qu’est-ce qu’une écluse à sas ?' } }),
      choice({ options: options('*Écluse', 'Âge', '5 °C') }),
    ],
    fails: [
      choice({ stem: { plain: 'What does Ã©cluse mean?' } }),
      choice({ options: options('*the cill â€“ a step', 'b') }),
    ],
  },
};
