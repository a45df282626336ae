// Drawn lines as a document that another program writes: runs, automatic lists on two levels, headings by style.
import {
  AlignmentType,
  Document,
  HeadingLevel,
  LevelFormat,
  Packer,
  Paragraph,
  TextRun,
} from 'docx';
import type { DocumentLine } from '../src/core/model';

const HEADINGS = [HeadingLevel.HEADING_1, HeadingLevel.HEADING_1, HeadingLevel.HEADING_2];

function formatOf(label: string) {
  if (/\d/u.test(label)) {
    return LevelFormat.DECIMAL;
  }
  return /[A-Z]/u.test(label) ? LevelFormat.UPPER_LETTER : LevelFormat.LOWER_LETTER;
}

/** An automatic list for questions, and one for the options of each question, which begin again. */
function listsOf(lines: readonly DocumentLine[]) {
  const config = new Map<string, { reference: string; levels: object[] }>();
  let list = 0;
  const references = lines.map(({ label }, at) => {
    if (!label) {
      return undefined;
    }
    const isOption = !/\d/u.test(label);
    if (isOption && /^[aA]/u.test(label)) {
      list = at;
    }
    const reference = isOption ? `options-${list}` : 'questions';
    config.set(reference, {
      reference,
      levels: [0, 1].map((level) => ({
        level,
        format: formatOf(label),
        text: `%${level + 1}${label.at(-1)}`,
        alignment: AlignmentType.START,
      })),
    });
    return reference;
  });
  return { config: [...config.values()], references };
}

/** The runs of a line, one of them split as word processors do. */
function runsOf({ text, runs }: DocumentLine): TextRun[] {
  const own = runs ?? [
    { text: text.slice(0, Math.floor(text.length / 2)) },
    { text: text.slice(Math.floor(text.length / 2)) },
  ];
  return own.map(
    (run) =>
      new TextRun({
        text: run.text,
        bold: 'bold' in run && run.bold === true,
        ...('underline' in run && run.underline ? { underline: {} } : {}),
        ...('mark' in run && run.mark ? { highlight: 'yellow' as const } : {}),
      }),
  );
}

/** The bytes of a .docx with these lines. */
export async function documentFile(lines: readonly DocumentLine[]): Promise<Uint8Array> {
  const { config, references } = listsOf(lines);
  const children = lines.map(
    (line, at) =>
      new Paragraph({
        children: runsOf(line),
        ...(line.heading ? { heading: HEADINGS[line.heading]! } : {}),
        ...(references[at]
          ? { numbering: { reference: references[at], level: line.level ?? 0 } }
          : {}),
      }),
  );
  const document = new Document({
    numbering: { config: config as never },
    sections: [{ children }],
  });
  return new Uint8Array(await Packer.toBuffer(document));
}
