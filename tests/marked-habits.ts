// Samples of marked text in habits of their own, each with questions and what a receiver of such a sample is handed for them.
import type { Item } from '../src/core/model';
import { item, options } from './make';

const wheel = item({
  stem: { plain: 'What steers the boat?' },
  options: options('A rope', '*A rudder', 'A lamp'),
  points: 2,
});
const lamp = item({
  stem: { plain: 'What shines?' },
  options: options('*A lamp', 'A rope', 'A wall'),
  points: 1,
});
export const both = item({
  kind: 'choice-many',
  stem: { plain: 'Which float?' },
  options: options('*Cork', 'Iron', '*Wood'),
});
const truth = item({
  kind: 'true-false',
  stem: { plain: 'A cill lies under water.' },
  options: options('*true', 'false'),
});
export const word = item({
  kind: 'short',
  stem: { plain: 'What is the step under a gate called?' },
  options: undefined,
  accepted: ['cill'],
});

export const HABITS: readonly [name: string, sample: string, items: Item[], text: string][] = [
  [
    'points in brackets behind each question, in the singular and the plural',
    'What opens? (2 points)\n  x A gate\n  o A wall\n\nWhat floats? (1 point)\n  o Iron\n  x Cork\n',
    [wheel, lamp],
    'What steers the boat? (2 points)\n  o A rope\n  x A rudder\n  o A lamp\n\nWhat shines? (1 point)\n  x A lamp\n  o A rope\n  o A wall\n',
  ],
  [
    'titles that count the questions, name their kind and say their points',
    'Task 1 (single choice, 1 mark)\nWhat opens?\nx A gate\no A wall\n\nTask 2 (multiple response, 3 marks)\nWhat holds water?\nx A lock\nx A pond\no A hill\n',
    [both, wheel],
    'Task 1 (multiple response, 1 mark)\nWhich float?\nx Cork\no Iron\nx Wood\n\nTask 2 (single choice, 2 marks)\nWhat steers the boat?\no A rope\nx A rudder\no A lamp\n',
  ],
  [
    'a line that says the right option again with its letter',
    'Q: What opens?\na. A wall\nb. A gate\nAnswer: b. A gate\n\nQ: What floats?\na. Cork\nb. Iron\nAnswer: a. Cork\n',
    [wheel],
    'Q: What steers the boat?\na. A rope\nb. A rudder\nc. A lamp\nAnswer: b. A rudder\n',
  ],
  [
    'tags whose attributes say right and wrong, within elements of a kind',
    '<item kind="one">\n  <ask>What opens?</ask>\n  <choice correct="true">A gate</choice>\n  <choice correct="false">A wall</choice>\n</item>\n<item kind="many">\n  <ask>What holds water?</ask>\n  <choice correct="true">A lock</choice>\n  <choice correct="true">A pond</choice>\n  <choice correct="false">A hill</choice>\n</item>\n',
    [wheel],
    '<item kind="one">\n  <ask>What steers the boat?</ask>\n  <choice correct="false">A rope</choice>\n  <choice correct="true">A rudder</choice>\n  <choice correct="false">A lamp</choice>\n</item>\n',
  ],
  [
    'an attribute at the right option alone, and elements that are counted',
    '<item id="1">\n  <stem>What opens?</stem>\n  <option correct="true">A gate</option>\n  <option>A wall</option>\n</item>\n<item id="2">\n  <stem>What floats?</stem>\n  <option>Iron</option>\n  <option correct="true">Cork</option>\n</item>\n',
    [wheel],
    '<item id="1">\n  <stem>What steers the boat?</stem>\n  <option>A rope</option>\n  <option correct="true">A rudder</option>\n  <option>A lamp</option>\n</item>\n',
  ],
  [
    'letters in braces that are no counters',
    '{Q} What opens? {/Q}\n{A!} A gate {/A!}\n{A} A wall {/A}\n{A} A hill {/A}\n{Q} What floats? {/Q}\n{A} Iron {/A}\n{A!} Cork {/A!}\n{A} Lead {/A}\n',
    [wheel],
    '{Q} What steers the boat? {/Q}\n{A} A rope {/A}\n{A!} A rudder {/A!}\n{A} A lamp {/A}\n',
  ],
  [
    'a bullet in front of each box, and a remark below',
    '## What opens?\n- [ ] A wall\n- [x] A gate\n- [ ] A hill\n> Gates do.\n\n## What floats?\n- [x] Cork\n- [ ] Iron\n- [ ] Lead\n> Light things do.\n',
    [wheel],
    '## What steers the boat?\n- [ ] A rope\n- [x] A rudder\n- [ ] A lamp\n',
  ],
  [
    'a word behind the only right option, under titles that name the kinds',
    '== Multiple choice ==\nQ1: What opens?\n  a) A wall\n  b) A gate (correct)\n  c) A hill\n\n== True or false ==\nQ2: A lock lifts boats.\n  Answer: true\n\n== Short answer ==\nQ3: What is the low gate called?\n  Answer: tail gate\n',
    [wheel, truth, word],
    '== Multiple choice ==\nQ1: What steers the boat?\n  a) A rope\n  b) A rudder (correct)\n  c) A lamp\n\n== True or false ==\nQ2: A cill lies under water.\n  Answer: true\n\n== Short answer ==\nQ3: What is the step under a gate called?\n  Answer: cill\n',
  ],
  [
    'feedback behind some options, below titles that count',
    ':: Lock 1 ::\nWhat opens?\n~ A wall  // no\n= A gate  // yes\n~ A hill\n\n:: Lock 2 ::\nWhat floats?\n= Cork  // yes\n~ Iron\n~ Lead\n',
    [wheel],
    ':: Lock 1 ::\nWhat steers the boat?\n~ A rope\n= A rudder\n~ A lamp\n',
  ],
  [
    'whole questions on one line, each with a word for its kind in front',
    'MC; What opens?; *A gate; A wall; A hill\nMC; What floats?; Iron; *Cork; Lead\nTF; A lock lifts boats.; true\nTF; A weir is a boat.; false\nSA; What is the wall of a lock called?; chamber wall\n',
    [wheel, truth, word],
    'MC; What steers the boat?; A rope; *A rudder; A lamp\nTF; A cill lies under water.; true\nSA; What is the step under a gate called?; cill\n',
  ],
  [
    'whole questions on one line, with the kind and letters for true and false as signs',
    'TF: The cill is under water. | T\nTF: Paddles float. | F\nMC: What opens? | *gate | wall | hill\nMC: What floats? | iron | *cork | lead\nSA: What is the water between two locks called? | pound\n',
    [truth, wheel, word],
    'TF: A cill lies under water. | T\nMC: What steers the boat? | A rope | *A rudder | A lamp\nSA: What is the step under a gate called? | cill\n',
  ],
  [
    'whole questions on one line, with their number first and that of the right option last',
    '1 ; What opens? ; wall ; gate ; hill ; 2\n2 ; What floats? ; cork ; iron ; lead ; 1\n',
    [wheel],
    '1 ; What steers the boat? ; A rope ; A rudder ; A lamp ; 2\n',
  ],
  [
    'even lines with words in front of question and answer',
    'Q: What opens? ; A: a gate\nQ: What floats? ; A: cork\nQ: What stands? ; A: a wall\n',
    [word],
    'Q: What is the step under a gate called? ; A: cill\n',
  ],
  [
    'options whose place tells the right one, as a remark above says, between rules',
    '/* The right answer comes first. Separate questions by a line of dashes. */\nWhat opens?\nThe gate\nThe wall\nThe hill\n-----\nWhat floats?\nCork\nIron\nLead\n-----\n',
    [wheel],
    '/* The right answer comes first. Separate questions by a line of dashes. */\nWhat steers the boat?\nA rudder\nA rope\nA lamp\n-----\n',
  ],
  [
    'feedback right behind each option, as a remark above says',
    '// One question per block. "=" right, "~" wrong, text after # is shown as feedback.\nWhat opens?\n=A gate#Yes, it turns.\n~A wall#No, it stands.\n~A hill#No.\n\nWhat floats?\n~Iron#It sinks.\n=Cork#Yes.\n~Lead#It sinks.\n',
    [wheel],
    '// One question per block. "=" right, "~" wrong, text after # is shown as feedback.\nWhat steers the boat?\n~A rope\n=A rudder\n~A lamp\n',
  ],
  [
    'a sign of its own behind the right options',
    '>>> What opens?\n    1) A gate <<<\n    2) A wall\n    3) A hill\n\n>>> What floats?\n    1) Iron\n    2) Cork <<<\n    3) Lead\n',
    [wheel],
    '>>> What steers the boat?\n    1) A rope\n    2) A rudder <<<\n    3) A lamp\n',
  ],
  [
    'lines with a number, a kind, a list of options and the numbers of the right ones',
    '1|single|What opens?|A wall;A gate;A hill|2\n2|single|What floats?|Cork;Iron;Lead|1\n3|multi|What holds water?|Lock;Pond;Hill|1,2\n',
    [both, wheel],
    '1|multi|Which float?|Cork;Iron;Wood|1,3\n2|single|What steers the boat?|A rope;A rudder;A lamp|2\n',
  ],
  [
    'statements with true or false in brackets behind them',
    '- A lock lifts boats. [TRUE]\n- A weir is a boat. [FALSE]\n- The cill lies under water. [TRUE]\n',
    [truth],
    '- A cill lies under water. [TRUE]\n',
  ],
  [
    'questions with a short answer in brackets behind them',
    'What is the water between two locks called? (pound)\nWhat holds the river back? (weir)\nWhat lies under the gate? (cill)\n',
    [word],
    'What is the step under a gate called? (cill)\n',
  ],
  [
    'names that count the questions and letter the options',
    'q_1: What opens?\nq_1_a: A wall\nq_1_b: A gate\nq_1_c: A hill\nq_1_answer: b\n\nq_2: What floats?\nq_2_a: Cork\nq_2_b: Iron\nq_2_c: Lead\nq_2_answer: a\n',
    [lamp, wheel],
    'q_1: What shines?\nq_1_a: A lamp\nq_1_b: A rope\nq_1_c: A wall\nq_1_answer: a\n\nq_2: What steers the boat?\nq_2_a: A rope\nq_2_b: A rudder\nq_2_c: A lamp\nq_2_answer: b\n',
  ],
  [
    'the number of each question on a line with a sign of its own',
    'N: 1\nF: Was hält dicht?\nA: die Mauer\nA: das Tor\nL: 2\nP: 1\n\nN: 2\nF: Was treibt?\nA: Kork\nA: Blei\nL: 1\nP: 2\n',
    [wheel],
    'N: 1\nF: What steers the boat?\nA: A rope\nA: A rudder\nA: A lamp\nL: 2\nP: 2\n',
  ],
  [
    'numbers behind a letter, and the right one’s letter in brackets',
    'Q.1 What opens?\n(a) A wall\n(b) A gate\nAns. (b)\nMarks: 2\n\nQ.2 What floats?\n(a) Cork\n(b) Iron\nAns. (a)\nMarks: 1\n',
    [wheel],
    'Q.1 What steers the boat?\n(a) A rope\n(b) A rudder\n(c) A lamp\nAns. (b)\nMarks: 2\n',
  ],
  [
    'letters by themselves in front of options',
    'Fråga 1\nVad håller vattnet?\nA Muren\nB Porten\nC Repet\nRätt svar: B\n\nFråga 2\nVad flyter?\nA Kork\nB Bly\nC Sten\nRätt svar: A\n',
    [wheel],
    'Fråga 1\nWhat steers the boat?\nA A rope\nB A rudder\nC A lamp\nRätt svar: B\n',
  ],
  [
    'figures for right and wrong below lines that name the kind',
    '%multiple\nWhat opens?\n0 A wall\n1 A gate\n0 A hill\n\n%multiple\nWhat floats?\n1 Cork\n0 Iron\n0 Lead\n\n%text\nWhat is the low gate called?\ntail gate\n',
    [wheel, word],
    '%multiple\nWhat steers the boat?\n0 A rope\n1 A rudder\n0 A lamp\n\n%text\nWhat is the step under a gate called?\ncill\n',
  ],
  [
    'a word set off by blanks from the letter that it names',
    '1. What opens?\n   A  A wall\n   B  A gate\n   Answer  B\n\n2. What floats?\n   A  Cork\n   B  Iron\n   Answer  A\n',
    [wheel],
    '1. What steers the boat?\n   A  A rope\n   B  A rudder\n   C  A lamp\n   Answer  B\n',
  ],
  [
    'capitals in front of question and answer below a word in capitals',
    'CATEGORY Locks\nQ What opens?\nA A gate\n\nQ What lies under it?\nA The cill\n\nCATEGORY Boats\nQ What steers?\nA A tiller\n',
    [word],
    'Q What is the step under a gate called?\nA cill\n',
  ],
  [
    'figures with a colon, and a letter that might say something else',
    '#1\nT: What opens?\n0: A wall\n1: A gate\n0: A hill\n#2\nT: What floats?\n1: Cork\n0: Iron\n0: Lead\n',
    [wheel],
    '#1\nT: What steers the boat?\n0: A rope\n1: A rudder\n0: A lamp\n',
  ],
  [
    'emphasis around questions and right options',
    '**What opens?**\n* A wall\n* **A gate**\n* A hill\n\n**What floats?**\n* **Cork**\n* Iron\n* Lead\n',
    [wheel],
    '**What steers the boat?**\n* A rope\n* **A rudder**\n* A lamp\n',
  ],
  [
    'one word for answers to questions of several kinds',
    'Type: single\nQuestion: What opens?\nOption: A wall\nOption: A gate\nAnswer: A gate\n\nType: truefalse\nQuestion: A lock lifts boats.\nAnswer: true\n\nType: short\nQuestion: What is the low gate called?\nAnswer: tail gate\n',
    [wheel, truth, word],
    'Type: single\nQuestion: What steers the boat?\nOption: A rope\nOption: A rudder\nOption: A lamp\nAnswer: A rudder\n\nType: truefalse\nQuestion: A cill lies under water.\nAnswer: true\n\nType: short\nQuestion: What is the step under a gate called?\nAnswer: cill\n',
  ],
  [
    'a sign and a letter for true or false behind statements',
    'The head gate faces upstream. =T\nA weir is a boat. =F\nThe cill lies under water. =T\n',
    [truth],
    'A cill lies under water. =T\n',
  ],
  [
    'numbered statements with their letters, below a line that asks',
    'Vrai ou faux ?\n1. L’écluse élève. V\n2. Le mur flotte. F\n3. Le busc est sous l’eau. V\n',
    [truth],
    'Vrai ou faux ?\n1. A cill lies under water. V\n',
  ],
  [
    'words for tags, which are no feedback',
    'Q: What opens?\nA: A gate\nTags: locks, tools\n\nQ: What steers?\nA: A tiller\nTags: boats\n',
    [word],
    'Q: What is the step under a gate called?\nA: cill\n',
  ],
  [
    'words for right and wrong behind counted options, and a line for the kind',
    'No.: 1\nFrage: Was hält Wasser?\nTyp: MC\nAntwort 1: Tor | richtig\nAntwort 2: Drempel | richtig\nAntwort 3: Pinne | falsch\n\nNo.: 2\nFrage: Was schwimmt?\nTyp: SC\nAntwort 1: Kork | richtig\nAntwort 2: Blei | falsch\n',
    [wheel],
    'No.: 1\nFrage: What steers the boat?\nTyp: SC\nAntwort 1: A rope | falsch\nAntwort 2: A rudder | richtig\nAntwort 3: A lamp | falsch\n',
  ],
  [
    'titles with the sign of a comment',
    '# Question\nWhat opens?\n# Options\n1. A wall\n2. A gate\n# Answer\n2\n# Explanation\nIt turns.\n\n# Question\nWhat floats?\n# Options\n1. Cork\n2. Iron\n# Answer\n1\n# Explanation\nIt is light.\n',
    [wheel],
    '# Question\nWhat steers the boat?\n# Options\n1. A rope\n2. A rudder\n3. A lamp\n# Answer\n2\n',
  ],
  [
    'a remark, a number with a letter, and the number of the right option last',
    '// id, then the question, then answers, then the number of the right one\nL1\nWhat opens?\nA wall\nA gate\nA hill\n2\n\nL2\nWhat floats?\nCork\nIron\nLead\n1\n',
    [wheel],
    '// id, then the question, then answers, then the number of the right one\nL1\nWhat steers the boat?\nA rope\nA rudder\nA lamp\n2\n',
  ],
  [
    'a word for the kind with a stop in front of tasks of several lines',
    'Ordering. Put the steps in order:\n> enter\n> close the gate\n> leave\n\nMatching. Join what belongs together:\nbow <-> front\nstern <-> back\nkeel <-> bottom\n',
    [
      item({
        kind: 'order',
        stem: { plain: 'Mooring up.' },
        options: undefined,
        steps: [{ plain: 'stop' }, { plain: 'step off' }, { plain: 'tie' }],
      }),
    ],
    'Ordering. Mooring up.\n> stop\n> step off\n> tie\n',
  ],
  [
    'a category between a bracket with its word and another',
    '[Topic: Locks]\n? What opens?\n- A wall\n+ A gate\n! It turns.\n\n[Topic: Boats]\n? What floats?\n+ Cork\n- Iron\n! It is light.\n',
    [{ ...wheel, category: ['Steering'], explanation: { plain: 'It has a blade.' } }],
    '[Topic: Steering]\n? What steers the boat?\n- A rope\n+ A rudder\n- A lamp\n! It has a blade.\n',
  ],
  [
    'points between the number of a question and its text',
    '#1 (3 pts) What opens?\n  A: A wall\n  B: A gate\nCorrect: B\n\n#2 (1 pt) What floats?\n  A: Cork\n  B: Iron\nCorrect: A\n',
    [wheel, lamp],
    '#1 (2 pts) What steers the boat?\n  A: A rope\n  B: A rudder\n  C: A lamp\nCorrect: B\n\n#2 (1 pt) What shines?\n  A: A lamp\n  B: A rope\n  C: A wall\nCorrect: A\n',
  ],
  [
    'a word behind right options, also of the one statement, which is false',
    'Type: choice\nText: What opens?\nOption: A wall\nOption: A gate (correct)\n\nType: truefalse\nText: Cork sinks.\nOption: True\nOption: False (correct)\n',
    [wheel, { ...truth, options: options('*True', 'False') }],
    'Type: choice\nText: What steers the boat?\nOption: A rope\nOption: A rudder (correct)\nOption: A lamp\n\nType: truefalse\nText: A cill lies under water.\nOption: True (correct)\nOption: False\n',
  ],
];
