// Running text, typed by hand or pasted from a reply: its lines with their formatting.
import type { Document, DocumentLine } from '../../model';
import { hasBrokenCharacters, cleanText } from '../../shared/normalise';
import { CAPS, blocked } from '../contract';
import { inlineMarkdown } from './markdown';
import { defined } from '../../shared/defined';
import { say } from '../../shared/say';

const HEADING = /^\s{0,3}(#{1,6})\s+(\S.*?)\s*#*$/u;

/** The sign of a quotation; before a text that its mirrored sign ends, it stands around it. */
const QUOTED = /^\s*>\s?(?![^<]*<\s*$)/u;

/** A line of text: mark-up read, signs that no program can show replaced. */
export function readLine(source: string, line: number): DocumentLine {
  const heading = HEADING.exec(source);
  const bare = (heading ? heading[2]! : source.replace(QUOTED, ''))
    .replace(/^(\s*)\*([^*\s][^*]{0,30}:)\*/u, '$1$2')
    .replace(/^(\s*)\*(\p{L}[^*:]{1,30}:\s[^*]*)\*\s*$/u, '$1$2');
  const { text, runs } = inlineMarkdown(hasBrokenCharacters(bare) ? cleanText(bare) : bare);
  const flat = text.replace(/\n/g, ' ');
  return defined({
    line,
    text: flat,
    source: flat !== source ? source : undefined,
    runs: runs ? runs.map((run) => ({ ...run, text: run.text.replace(/\n/g, ' ') })) : undefined,
    heading: heading ? heading[1]!.length : undefined,
  });
}

/** Reads text as lines. Past the caps nothing is read and a finding says so. */
export function readTextDocument(file: string, source: string): Document {
  const lines = source.split(/\r\n?|\n/);
  const long = lines.findIndex((line) => line.length > CAPS.cellCharacters);
  if (long >= 0) {
    return {
      file,
      format: 'txt',
      lines: [],
      findings: [
        blocked(
          file,
          'line-too-long',
          say(
            '{file}, line {long} holds {lines, number} characters; {cellCharacters, number} at most are taken. Break it into lines.',
            {
              file,
              long: long + 1,
              lines: lines[long]!.length,
              cellCharacters: CAPS.cellCharacters,
            },
          ),
        ),
      ],
    };
  }
  if (source.length > CAPS.textCharacters) {
    return {
      file,
      format: 'txt',
      lines: [],
      findings: [
        blocked(
          file,
          'text-too-long',
          say(
            '{file} has {source, number} characters of running text; {textCharacters, number} at most are taken. Split it and bring the parts in one by one.',
            { file, source: source.length, textCharacters: CAPS.textCharacters },
          ),
        ),
      ],
    };
  }
  return {
    file,
    format: 'txt',
    lines: lines.map((line, index) => readLine(line, index + 1)),
    findings: [],
  };
}
