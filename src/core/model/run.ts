// Formatted text and pictures as readers find them, before they become an item's.

/** A stretch of text that is set alike. `mark` stands for colour or highlighting. */
export type Run = {
  text: string;
  bold?: boolean;
  italic?: boolean;
  underline?: boolean;
  mark?: boolean;
  sub?: boolean;
  sup?: boolean;
  href?: string;
};

/** How a stretch of text, a cell or a style is set. */
export type Look = Omit<Run, 'text' | 'href'>;

export type Picture = { href: string; alt?: string };
