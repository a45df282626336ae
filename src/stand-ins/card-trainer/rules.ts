// The card trainer's published rules. The trainer is simulated and ours; its headings and limits are invented.

export const CARD_TRAINER = {
  id: 'card-trainer',
  name: 'Card box',
  what: 'A trainer that shows the front of a card, then its back, and brings cards again that were not known.',
  blank: 'card-box.tsv',
  headings: ['Front of card', 'Back of card (at most 90 characters)', 'Deck'],
  back: 90,
  front: 200,
  perFile: 500,
  fileBytes: 2 * 1024 * 1024,
} as const;

/** The rules as the trainer publishes them. */
export const CARD_TRAINER_RULES: readonly string[] = [
  'The file is text in UTF-8 with a tab between its three columns and one line for each card.',
  `The first line holds the headings as the blank has them: ${CARD_TRAINER.headings.join(', ')}.`,
  `A front has up to ${CARD_TRAINER.front} characters, a back up to ${CARD_TRAINER.back}; neither may be empty.`,
  'A front may come once in a deck. A line that breaks a rule is refused with its reason; the others are taken.',
  `A file holds up to ${CARD_TRAINER.perFile} cards.`,
];
