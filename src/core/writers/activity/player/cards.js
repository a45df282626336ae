// Cards: turned one by one; those not known come again. `play` comes from frame.js.
play.cards = ({ items }) => {
  let open = play.shuffled(items.map((_, at) => at));
  let known = 0;

  const next = () => {
    if (!open.length) {
      play.show([
        play.make('h2', { text: `All ${items.length} known` }),
        play.button('Once more', () => {
          open = play.shuffled(items.map((_, at) => at));
          known = 0;
          next();
        }),
      ]);
      return;
    }
    const item = items[open[0]];
    const turn = play.button('Turn', () => {
      play.say(item.rightWords);
      const back = play.make('p', { className: 'back', text: item.rightWords });
      const isKnown = play.button('Known', () => {
        open.shift();
        known++;
        next();
      });
      const again = play.button('Not yet', () => {
        // It comes again after three others.
        const [card] = open.splice(0, 1);
        open.splice(Math.min(3, open.length), 0, card);
        next();
      });
      turn.replaceWith(back, isKnown, again);
      isKnown.focus();
    });
    play.show([
      play.make('p', { className: 'place', text: `${known} known, ${open.length} to go` }),
      play.make('h2', { text: item.text }),
      ...play.pictures(item),
      turn,
    ]);
    turn.focus();
  };
  next();
};
