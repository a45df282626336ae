// Quiz: question by question with feedback, a score, and the answers as a file. `play` comes from frame.js.
const finishQuiz = (game) => {
  const { answers, title } = game;
  const scored = answers.filter(({ right }) => right !== null);
  const open = answers.length - scored.length;
  const rows = answers.map(({ ref, text, given, right }) => [
    ref,
    text,
    given,
    right === null ? '' : Number(right),
  ]);
  play.keep('quiz', []);
  play.show([
    play.make('h2', {
      text: `${scored.filter(({ right }) => right).length} of ${scored.length} right`,
    }),
    play.make('p', { text: open ? `${open} are for a person to mark.` : '' }),
    play.button('Take the answers as a file', () =>
      play.takeCsv(title, [['reference', 'question', 'answer', 'right'], ...rows]),
    ),
    play.button('Once more', () => {
      answers.length = 0;
      askQuiz(game, 0);
    }),
  ]);
};

const toldOf = (item, way, given, isRight) => {
  const told = [];
  if (isRight !== null) {
    const right = item.rightWords ? ` Right: ${item.rightWords}.` : '';
    told.push(isRight ? 'Right.' : `Not right.${right}`);
  }
  if (item.way === 'options') {
    told.push(...given.map((at) => item.options[at].feedback).filter(Boolean));
    way.mark(given);
  }
  return item.explanation ? [...told, item.explanation] : told;
};

/** What was given is checked, told, and kept; then the next question can be asked. */
const checkQuiz = (game, n, form, way) => {
  const item = game.items[n];
  const given = way.read();
  const isRight = way.isRight(given);
  game.answers.push({ ref: item.ref, text: item.text, given: way.words(given), right: isRight });
  play.keep('quiz', game.answers);
  form.querySelectorAll('input, select, textarea, button').forEach((field) => {
    field.disabled = true;
  });
  const told = toldOf(item, way, given, isRight);
  play.say(told.join(' '));
  const isLast = n + 1 >= game.items.length;
  const next = play.button(isLast ? 'See how it went' : 'Next', () => askQuiz(game, n + 1));
  const lines = told.map((text) => play.make('p', { text }));
  form.after(play.make('div', { className: 'told' }, lines), next);
  next.focus();
};

const hintOf = ({ hint }) =>
  hint
    ? [
        play.make('details', {}, [
          play.make('summary', { text: 'Hint' }),
          play.make('p', { text: hint }),
        ]),
      ]
    : [];

const askQuiz = (game, n) => {
  const item = game.items[n];
  if (!item) {
    finishQuiz(game);
    return;
  }
  const way = play.answering(item);
  const form = play.make('form', {}, [...way.parts, play.make('button', { text: 'Check' })]);
  form.addEventListener('submit', (event) => {
    event.preventDefault();
    checkQuiz(game, n, form, way);
  });
  play.say('');
  play.show([
    play.make('p', { className: 'place', text: `${n + 1} of ${game.items.length}` }),
    play.make('h2', { text: item.text }),
    ...hintOf(item),
    ...play.pictures(item),
    form,
  ]);
  form.querySelector('input, select, textarea')?.focus();
};

play.quiz = ({ items, title }) => {
  const kept = play.kept('quiz') ?? [];
  const answers = kept.length < items.length ? kept : [];
  askQuiz({ items, title, answers }, answers.length);
};
