// How the card trainer reads a file: by itself, line by line.
import { CARD_TRAINER } from './rules';
import { lengthOf } from '../strict';
import type { Taken } from '../taken';

export type Card = { row: number; front: string; back: string; deck: string };

function reasonAgainst({ front, back, deck }: Card, seen: ReadonlySet<string>): string | undefined {
  if (/^sample:/i.test(front)) {
    return 'it is one of the form’s own samples';
  }
  if (!front || !back) {
    return `the ${front ? 'back' : 'front'} is empty`;
  }
  if (lengthOf(front) > CARD_TRAINER.front) {
    return `the front has ${lengthOf(front)} characters; ${CARD_TRAINER.front} are taken`;
  }
  if (lengthOf(back) > CARD_TRAINER.back) {
    return `the back has ${lengthOf(back)} characters; ${CARD_TRAINER.back} are taken`;
  }
  return seen.has(`${deck}\t${front}`) ? 'this front is in the deck already' : undefined;
}

/** The trainer's answer to a file: the cards that were taken, and each refused line with its reason. */
export function takeFile(bytes: Uint8Array): Taken<Card> {
  if (bytes.length > CARD_TRAINER.fileBytes) {
    return { problem: `The file is larger than ${CARD_TRAINER.fileBytes / 1_048_576} MiB.` };
  }
  let text: string;
  try {
    text = new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return { problem: 'The file is no text in UTF-8.' };
  }
  const lines = text.replace(/^\ufeff/, '').split(/\r\n|\n/);
  const headings = (lines[0] ?? '').split('\t');
  const wrong = CARD_TRAINER.headings.findIndex((heading, at) => headings[at]?.trim() !== heading);
  if (wrong >= 0) {
    return {
      problem: `Heading ${wrong + 1} is “${headings[wrong] ?? ''}”; it must stay “${CARD_TRAINER.headings[wrong]}”.`,
    };
  }
  const questions: Card[] = [];
  const refused: { row: number; reason: string }[] = [];
  const seen = new Set<string>();
  lines.slice(1).forEach((line, at) => {
    if (!line.trim()) {
      return;
    }
    const cells = line.split('\t').map((cell) => cell.trim());
    const card: Card = {
      row: at + 2,
      front: cells[0] ?? '',
      back: cells[1] ?? '',
      deck: cells[2] ?? '',
    };
    const extra = cells.length > CARD_TRAINER.headings.length;
    const full = questions.length >= CARD_TRAINER.perFile;
    const reason =
      (extra
        ? `the line has ${cells.length} columns; there are ${CARD_TRAINER.headings.length}`
        : undefined) ??
      reasonAgainst(card, seen) ??
      (full
        ? `it is past card ${CARD_TRAINER.perFile}, the last that one file may hold`
        : undefined);
    if (reason) {
      refused.push({ row: card.row, reason });
    } else {
      seen.add(`${card.deck}\t${card.front}`);
      questions.push(card);
    }
  });
  return { questions, refused };
}
