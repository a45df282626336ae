// The jobs that people come with, in the order of the work: what one holds, what to do, where it ends.
import { i18n } from '../../../languages';

/** `place` is where it is done; `words` are further words by which people look for it; `picture` one of docs/screenshots. */
export type Job = {
  id: string;
  title: string;
  place: string;
  words: string;
  steps: readonly string[];
  picture?: string;
};

export const JOBS: readonly Job[] = [
  {
    id: 'bring-in',
    title: i18n._('Bring questions in'),
    place: '/gather',
    words: i18n._(
      'import paste open file spreadsheet excel document word text csv reply chat clipboard',
    ),
    steps: [
      i18n._(
        'Copy your questions anywhere and press Ctrl V in Gather, or drop a file on the page. Sheets, documents, typed text, replies of a writing assistant, packages and bank files are read.',
      ),
      i18n._(
        'Look at the right: each question as it was understood. What is unsure carries a mark; press it to see what else it may be.',
      ),
      i18n._(
        'The green button takes the questions into the bank. What is known already is said before.',
      ),
    ],
    picture: 'gather-sheet',
  },
  {
    id: 'put-right',
    title: i18n._('Put right what was read otherwise than meant'),
    place: '/gather',
    words: i18n._('wrong answers correct column heading range sheet line role kind mistake'),
    steps: [
      i18n._(
        'Press the word above a column to say what it holds. Everything else is thought through again under it.',
      ),
      i18n._(
        'In a text, press Ctrl . on a line to say that a question begins there, that it is an option, or that it is no part.',
      ),
      i18n._(
        'Press A, B, C on a question to mark an option as right, and F2 to change its text. Delete leaves it out.',
      ),
      i18n._('What you said of a sheet is kept: the same headings come in right the next time.'),
    ],
    picture: 'gather-document',
  },
  {
    id: 'draft',
    title: i18n._('Make questions from terms, with an assistant or from a formula'),
    place: '/draft',
    words: i18n._(
      'generate distractors wrong options request prompt variants calculated flashcards',
    ),
    steps: [
      i18n._(
        'From terms: take the cards of the bank or paste a list. Each term becomes a question, with wrong options chosen from its likes.',
      ),
      i18n._(
        'With an assistant: say what you need and copy the request. Paste the reply anywhere in Draft; it is held against what was asked for, and what is missing can be asked for again.',
      ),
      i18n._(
        'Calculated: write a question with letters for its numbers and the formula of its answer; as many variants as you like are drawn.',
      ),
    ],
    picture: 'draft',
  },
  {
    id: 'keep',
    title: i18n._('Keep the bank in order'),
    place: '/bank',
    words: i18n._(
      'edit search filter tag category rename replace many points seconds sort columns undo',
    ),
    steps: [
      i18n._(
        'The bank is a sheet: type in its cells, copy blocks in and out, undo as far back as you like.',
      ),
      i18n._(
        'Search by words, by a phrase in quotes or by a field, as in source:evening.xlsx or used:never. “Search by …” writes these for you.',
      ),
      i18n._(
        'Select rows with Shift and change them together: tags, points, kinds, references, or find and replace. What will change is shown before.',
      ),
      i18n._('Tags and categories are renamed, merged and moved under Look over.'),
    ],
    picture: 'bank',
  },
  {
    id: 'check',
    title: i18n._('Check the questions as a careful author would'),
    place: '/bank',
    words: i18n._(
      'doubles duplicates craft quality longest option negative readability findings mend',
    ),
    steps: [
      i18n._(
        'Findings stand at their cells: ✕ must be mended before the question leaves, ! wants a look, i is a note.',
      ),
      i18n._(
        '“Look over” finds questions that are nearly alike, side by side, to be merged or kept, and checks the craft: options that give themselves away, questions that say not, and more.',
      ),
      i18n._('A mend is only made when you press it.'),
    ],
    picture: 'bank-dark',
  },
  {
    id: 'pictures',
    title: i18n._('See to the pictures'),
    place: '/bank',
    words: i18n._(
      'images photos missing alternative text description link file accessibility gallery',
    ),
    steps: [
      i18n._(
        'A column of your file may name the picture of each question; pictures in the cells of a workbook come along.',
      ),
      i18n._(
        '“Look over”, then “Pictures”, lists every picture once, those first of which only the name is known. Bring in their files all at once: they are matched by their names.',
      ),
      i18n._(
        'Say there what each shows, for those who don’t see it; put another file in its place, or take it off wherever it stands.',
      ),
    ],
  },
  {
    id: 'set',
    title: i18n._('Put tonight’s questions together'),
    place: '/sets',
    words: i18n._(
      'quiz test exam plan blueprint draw random pool section versions shuffle choose twenty',
    ),
    steps: [
      i18n._('New set, then put questions in: by a search, by hand, or so many by chance.'),
      i18n._(
        'A plan says how many of each category and level you want. “Draw” fills it, leaves out what was used lately, and says what is missing.',
      ),
      i18n._(
        'Sections may be pools of which some are drawn at each attempt. Versions A to D are shuffled with a key for each.',
      ),
    ],
    picture: 'sets',
  },
  {
    id: 'teach',
    title: i18n._('Teach a receiver’s blank'),
    place: '/layouts',
    words: i18n._('template form layout format receiver empty file columns learn sample upload'),
    steps: [
      i18n._(
        'Download the empty form of your receiver there and drop it on the page. Sheets, delimited text, boards, blocks of rows and samples of marked text are learned.',
      ),
      i18n._(
        'At the right stands what was learned and why. The blank’s own sample is written again, and what comes out otherwise is marked.',
      ),
      i18n._('Press a column’s word to change what it takes.'),
      i18n._(
        'Where a receiver has a blank for each kind of question, give all of them the same name under “One of several blanks of”: they are one column in Hand over.',
      ),
    ],
    picture: 'layout-taught',
  },
  {
    id: 'hand-over',
    title: i18n._('Fill a receiver’s file'),
    place: '/hand-over',
    words: i18n._('export download fill convert save as file zip receipt trial'),
    steps: [
      i18n._(
        'Choose the set, or search for what is to go out. The table shows each question against each receiver.',
      ),
      i18n._(
        'Open a cell to see the very cells that will be written, and every change with its reason. Where something would be lost you can write words of your own for that receiver.',
      ),
      i18n._(
        '“Fill” writes the files; other code reads each of them back and compares. Take them one by one or as a zip; the receipt says what was changed and makes the same file again.',
      ),
    ],
    picture: 'hand-over-filled',
  },
  {
    id: 'rehearse',
    title: i18n._('See it work before the evening'),
    place: '/rehearse',
    words: i18n._('test play preview try stand-in learner live game board round'),
    steps: [
      i18n._(
        'Give a filled file to a stand-in: it takes or refuses each row with a reason, and plays as a learner would meet it.',
      ),
      i18n._(
        'The evening host plays a live round on this computer: open learners’ windows by the link, and their answers go to Results.',
      ),
    ],
    picture: 'rehearse',
  },
  {
    id: 'print',
    title: i18n._('Print a handout, cards or QR codes'),
    place: '/sets',
    words: i18n._('paper print pdf handout key answer sheet cards cut qr study sheet docx odt'),
    steps: [
      i18n._(
        'Open a set and choose its paper: a handout with room to write (with its key behind it where you tick that), the key, an answer sheet, cards to cut, QR cards, or a study sheet.',
      ),
      i18n._(
        'A line at the top of each page and one at its foot are typed once and kept for the next set; the pages are numbered.',
      ),
      i18n._('Print it from the page that opens, or take it as a document (.docx, .odt).'),
    ],
  },
  {
    id: 'anywhere',
    title: i18n._('Give people a single file that plays anywhere'),
    place: '/sets',
    words: i18n._('html offline play email send without internet standalone'),
    steps: [
      i18n._(
        'Open a set and take it as a quiz, card or board file: one page that plays without a connection, by keyboard too.',
      ),
      i18n._(
        'Answers can be found in such a file by whoever looks for them; it is no place for an exam.',
      ),
    ],
  },
  {
    id: 'many-hands',
    title: i18n._('Let many people write questions'),
    place: '/bank',
    words: i18n._('contributors group class pupils sheets merge collect together workbook'),
    steps: [
      i18n._(
        '“Sheets for contributors” makes a workbook for each group: only the cells to fill are open, with lists, lengths and an example.',
      ),
      i18n._(
        'Drop the sheets on Gather when they come back, all at once. One table shows who wrote what, doubles, faults at their cells and what is missing, with a note to each group.',
      ),
      i18n._(
        'A later edition of the same sheet replaces its own questions only. What was mended in the bank meanwhile is told from what the sheet changed, and stays unless you tick it.',
      ),
    ],
  },
  {
    id: 'results',
    title: i18n._('Learn from the answers which questions work'),
    place: '/results',
    words: i18n._('difficulty discrimination statistics item analysis alpha answers scores wrong'),
    steps: [
      i18n._(
        'Drop the file of answers on Results: a row for each learner, or counts for each question. What can’t be matched is told.',
      ),
      i18n._(
        'Each question shows how hard it was, how well it tells strong from weak, and which wrong option drew whom. The figures stay with the question in the bank.',
      ),
    ],
    picture: 'results',
  },
  {
    id: 'save',
    title: i18n._('Save a bank, move it, get it back'),
    place: '/bank',
    words: i18n._(
      'backup copy save restore earlier state another computer lost bank file rename remove',
    ),
    steps: [
      i18n._(
        'The bank’s name at the top opens its menu: save it as a file, open one, copy, rename or remove it.',
      ),
      i18n._('“Earlier states of this bank” goes back to one of the last ten, kept as you work.'),
      i18n._(
        'A bank file holds everything: questions, sets, layouts, receipts and what you said of sources.',
      ),
    ],
    picture: 'records',
  },
];

const wordsOf = (text: string): string[] => text.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? [];

/** Whether a job is one of those that somebody looks for: each word asked for must begin one of its own. */
export function finds(query: string, { title, words, steps }: Job): boolean {
  const own = wordsOf([title, words, ...steps].join(' '));
  return wordsOf(query).every((word) => own.some((one) => one.startsWith(word)));
}
