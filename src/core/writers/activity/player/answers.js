// How each kind of question is answered on the page, and what is right. `play` comes from frame.js.
/** A field with its words. */
play.field = (words, input) =>
  play.make('label', { className: 'field' }, [play.make('span', { text: words }), input]);

const chooseFrom = (places, label, name) => {
  const select = play.make('select', { 'aria-label': label, name });
  select.append(play.make('option', { text: '…', value: '' }));
  places.forEach(([value, text]) =>
    select.append(play.make('option', { text, value: String(value) })),
  );
  return select;
};

const ways = {
  options(item) {
    const several = item.kind === 'choice-many';
    const order = item.fixed
      ? item.options.map((_, at) => at)
      : play.shuffled(item.options.map((_, at) => at));
    const inputs = order.map((at) =>
      play.make('input', {
        type: several ? 'checkbox' : 'radio',
        name: 'answer',
        value: String(at),
      }),
    );
    const lines = order.map((at, n) =>
      play.make('label', { className: 'option' }, [
        inputs[n],
        play.make('span', { text: item.options[at].text }),
      ]),
    );
    return {
      parts: lines,
      read: () => inputs.filter((input) => input.checked).map((input) => Number(input.value)),
      isRight: (given) =>
        given.length > 0 && item.options.every(({ right }, at) => right === given.includes(at)),
      words: (given) => given.map((at) => item.options[at].text).join('; '),
      mark: (given) =>
        order.forEach((at, n) => {
          lines[n].classList.toggle('is-right', item.options[at].right);
          lines[n].classList.toggle('is-wrong', given.includes(at) && !item.options[at].right);
          if (item.options[at].right) {
            lines[n].append(play.make('b', { text: ' right' }));
          }
        }),
    };
  },
  typed(item) {
    const input = play.make('input', { type: 'text', autocomplete: 'off' });
    return {
      parts: [play.field(item.unit ? `Answer in ${item.unit}` : 'Answer', input)],
      read: () => [input.value],
      isRight: ([text]) => {
        if (item.number) {
          const value = Number(
            text
              .trim()
              .replace(',', '.')
              .replace(/[^\d.+-].*$/, ''),
          );
          return (
            text.trim() !== '' &&
            Math.abs(value - item.number.value) <= item.number.tolerance + 1e-9
          );
        }
        return item.accepted.some((one) => play.alike(one) === play.alike(text));
      },
      words: ([text]) => text,
    };
  },
  gaps(item) {
    const inputs = item.gaps.map((gap, at) =>
      gap.options
        ? chooseFrom(
            play.shuffled(gap.options).map((word) => [word, word]),
            `Gap ${at + 1}`,
            `g${at}`,
          )
        : play.make('input', { type: 'text', 'aria-label': `Gap ${at + 1}`, autocomplete: 'off' }),
    );
    return {
      parts: inputs.map((input, at) => play.field(`(${at + 1})`, input)),
      read: () => inputs.map((input) => input.value),
      isRight: (given) =>
        item.gaps.every(({ accepted }, at) =>
          accepted.some((one) => play.alike(one) === play.alike(given[at])),
        ),
      words: (given) => given.join('; '),
    };
  },
  pairs(item) {
    const right = play.shuffled(item.pairs.map((pair, at) => [at, pair.right]));
    const inputs = item.pairs.map(({ left }, at) => chooseFrom(right, left, `p${at}`));
    return {
      parts: inputs.map((input, at) => play.field(item.pairs[at].left, input)),
      read: () => inputs.map((input) => input.value),
      isRight: (given) =>
        item.pairs.every(
          (pair, at) => given[at] !== '' && item.pairs[Number(given[at])].right === pair.right,
        ),
      words: (given) =>
        given
          .map(
            (value, at) =>
              `${item.pairs[at].left} – ${value === '' ? '?' : item.pairs[Number(value)].right}`,
          )
          .join('; '),
    };
  },
  steps(item) {
    const order = play.shuffled(item.steps.map((_, at) => at));
    const places = item.steps.map((_, at) => [at + 1, String(at + 1)]);
    const inputs = order.map((at) => chooseFrom(places, item.steps[at], `s${at}`));
    return {
      parts: inputs.map((input, n) => play.field(item.steps[order[n]], input)),
      read: () => order.map((at, n) => [at, Number(inputs[n].value)]),
      isRight: (given) => given.every(([at, place]) => place === at + 1),
      words: (given) =>
        [...given]
          .sort((a, b) => a[1] - b[1])
          .map(([at]) => item.steps[at])
          .join('; '),
    };
  },
  open() {
    const area = play.make('textarea', { rows: '5' });
    return {
      parts: [play.field('Answer', area)],
      read: () => [area.value],
      isRight: () => null,
      words: ([text]) => text,
    };
  },
};

/** How a question is answered: its parts on the page, what was given, and whether that is right (null: a person says). */
play.answering = (item) => ways[item.way](item);
