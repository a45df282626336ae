// Board: categories across, points down, teams in turn; scores can be corrected, what was seen is gone. `play` comes from frame.js.
const keepBoard = ({ state }) => play.keep('board', state);

/** A team with its name and its score, both to be changed. */
const teamOf = (game, at) => {
  const { state } = game;
  const field = (value, label, type, take) => {
    const input = play.make('input', { value, type, 'aria-label': `${label} of team ${at + 1}` });
    input.addEventListener('change', () => {
      take(input.value);
      keepBoard(game);
    });
    return input;
  };
  const name = field(state.teams[at], 'Name', 'text', (value) => {
    state.teams[at] = value;
  });
  const score = field(String(state.scores[at]), 'Score', 'number', (value) => {
    state.scores[at] = Number(value) || 0;
  });
  const isTurn = at === state.turn;
  const turn = play.make('span', { text: isTurn ? 'to choose' : '' });
  return play.make('li', { className: isTurn ? 'turn' : '' }, [name, score, turn]);
};

/** What a question brings a team, after which it is gone and the next team chooses. */
const closeQuestion = (game, at, team, sign) => {
  const { state, items } = game;
  if (team !== null) {
    state.scores[team] += sign * items[at].points;
  }
  state.seen.push(at);
  state.turn = (state.turn + 1) % state.teams.length;
  keepBoard(game);
  drawBoard(game);
};

const askBoard = (game, at) => {
  const item = game.items[at];
  const answer = play.button('Show the answer', () => {
    play.say(item.rightWords);
    const acts = game.state.teams.flatMap((name, team) => [
      play.button(`${name} is right: +${item.points}`, () => closeQuestion(game, at, team, 1)),
      play.button(`${name} is wrong: −${item.points}`, () => closeQuestion(game, at, team, -1)),
    ]);
    const nobody = play.button('Nobody', () => closeQuestion(game, at, null, 0));
    answer.replaceWith(
      play.make('p', { className: 'back', text: item.rightWords }),
      ...acts,
      nobody,
    );
    nobody.focus();
  });
  play.show([
    play.make('p', { className: 'place', text: `${item.category}, ${item.points}` }),
    play.make('h2', { text: item.text }),
    ...play.pictures(item),
    play.make(
      'ul',
      {},
      (item.options ?? []).map(({ text }) => play.make('li', { text })),
    ),
    answer,
  ]);
};

/** The questions of each category, the fewest points first. */
const columnsOf = (items) =>
  [...new Set(items.map(({ category }) => category))].map((category) => ({
    category,
    cells: items
      .map((item, at) => ({ item, at }))
      .filter(({ item }) => item.category === category)
      .sort((a, b) => a.item.points - b.item.points),
  }));

const cellOf = (game, cell) => {
  if (!cell || game.state.seen.includes(cell.at)) {
    return play.make('td');
  }
  const { category, points } = cell.item;
  const label = { 'aria-label': `${category} for ${points}` };
  return play.make('td', {}, [play.button(String(points), () => askBoard(game, cell.at), label)]);
};

const tableOf = (game) => {
  const columns = columnsOf(game.items);
  const deepest = Math.max(...columns.map(({ cells }) => cells.length));
  const rows = Array.from({ length: deepest }, (_, row) =>
    play.make(
      'tr',
      {},
      columns.map(({ cells }) => cellOf(game, cells[row])),
    ),
  );
  const heads = columns.map(({ category }) => play.make('th', { text: category, scope: 'col' }));
  const head = play.make('thead', {}, [play.make('tr', {}, heads)]);
  return play.make('table', {}, [head, play.make('tbody', {}, rows)]);
};

const drawBoard = (game) => {
  const { state, items } = game;
  const isOver = state.seen.length >= items.length;
  const again = (change) => () => {
    change();
    keepBoard(game);
    drawBoard(game);
  };
  play.show([
    play.make('h2', {
      text: isOver ? 'All questions were seen' : `${state.teams[state.turn]} chooses`,
    }),
    play.make(
      'ul',
      { className: 'teams' },
      state.teams.map((_, at) => teamOf(game, at)),
    ),
    play.button(
      'Another team',
      again(() => {
        state.teams.push(`Team ${state.teams.length + 1}`);
        state.scores.push(0);
      }),
    ),
    tableOf(game),
    play.button(
      'Begin anew',
      again(() => Object.assign(state, { scores: state.teams.map(() => 0), turn: 0, seen: [] })),
    ),
  ]);
};

play.board = ({ items }) => {
  const fresh = { teams: ['Team 1', 'Team 2'], scores: [0, 0], turn: 0, seen: [] };
  drawBoard({ items, state: play.kept('board') ?? fresh });
};
