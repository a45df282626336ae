// The page that plays: what all ways of playing share. Texts are set as text, so that nothing in them can run.
const play = {};

/** An element with a class, a text and children; text is never taken for markup. */
play.make = (tag, { text, className, ...attributes } = {}, children = []) => {
  const element = document.createElement(tag);
  if (className) {
    element.className = className;
  }
  if (text !== undefined) {
    element.textContent = text;
  }
  for (const [name, value] of Object.entries(attributes)) {
    element.setAttribute(name, value);
  }
  element.append(...children);
  return element;
};

play.button = (text, run, attributes = {}) => {
  const button = play.make('button', { text, type: 'button', ...attributes });
  button.addEventListener('click', run);
  return button;
};

/** Another order, by chance. */
play.shuffled = (list) => {
  const drawn = [...list];
  for (let last = drawn.length - 1; last > 0; last--) {
    const other = Math.floor(Math.random() * (last + 1));
    [drawn[last], drawn[other]] = [drawn[other], drawn[last]];
  }
  return drawn;
};

const MARKS = {
  '\u2018': "'",
  '\u2019': "'",
  '\u201c': '"',
  '\u201d': '"',
  '\u2013': '-',
  '\u2212': '-',
};
/** A typed answer made comparable: case, blanks and the shape of quotes aside. */
play.alike = (text) =>
  text
    .normalize('NFKC')
    .replace(/[\u2018\u2019\u201c\u201d\u2013\u2212]/g, (sign) => MARKS[sign])
    .replace(/\s+/g, ' ')
    .trim()
    .toLowerCase();

/** Shows this and nothing else; the focus goes to its heading, and a reader hears it. */
play.show = (children) => {
  const main = document.querySelector('main');
  main.replaceChildren(...children);
  const heading = main.querySelector('h2');
  if (heading) {
    heading.tabIndex = -1;
    heading.focus();
  }
};

play.say = (text) => {
  document.querySelector('#said').textContent = text;
};

play.pictures = (item) =>
  item.pictures.map(({ src, alt }) => play.make('img', { src, alt: alt || '' }));

/** What is kept on this device alone; a page without a store plays all the same. */
play.keep = (name, value) => {
  try {
    localStorage.setItem(`activity ${document.title} ${name}`, JSON.stringify(value));
  } catch {
    // Nothing is kept then.
  }
};
play.kept = (name) => {
  try {
    return JSON.parse(localStorage.getItem(`activity ${document.title} ${name}`) ?? 'null');
  } catch {
    return null;
  }
};

/** Rows as comma text (RFC 4180), taken as a file. */
play.takeCsv = (name, rows) => {
  const cell = (value) => {
    const text = String(value);
    const safe = /^[=+\-@\t\r]/.test(text) ? `'${text}` : text;
    return /[",\r\n]/.test(safe) ? `"${safe.replace(/"/g, '""')}"` : safe;
  };
  const text = rows.map((row) => row.map(cell).join(',')).join('\r\n');
  const link = play.make('a', {
    href: URL.createObjectURL(new Blob(['\ufeff', text], { type: 'text/csv' })),
    download: `${name}.csv`,
  });
  link.click();
};

/** The activity, unfolded. It is folded so that answers are not read at a glance; whoever looks can find them. */
play.data = () => {
  const folded = document.querySelector('#data').textContent.trim();
  const bytes = Uint8Array.from(atob(folded), (sign) => sign.charCodeAt(0));
  return JSON.parse(new TextDecoder().decode(bytes));
};
