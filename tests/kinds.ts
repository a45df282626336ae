// One question of every kind, as tests hand them over.
import type { Item } from '../src/core/model';
import { options } from './make';

export const EVERY_KIND: readonly Item[] = [
  { id: 'one', ref: 'ONE', kind: 'choice-one', stem: { plain: 'What does a paddle let through?' }, options: options('Boats', '*Water', 'Walkers'), points: 2, title: 'Paddles', category: ['Locks', 'Parts'], tags: [{ name: 'level', value: 'easy' }, { value: 'first evening' }] },
  { id: 'many', ref: 'MANY', kind: 'choice-many', stem: { plain: 'Which of these hold water back?' }, options: options('*A gate', 'A rope', '*A stop plank'), category: ['Locks', 'Parts'], seconds: 40 },
  { id: 'weighted', ref: 'W 1', kind: 'choice-many', stem: { plain: 'What is H2O & <more>?', html: 'What is H<sub>2</sub>O &amp; &lt;more&gt;?' }, options: [{ text: { plain: 'water' }, right: true, weight: 75, feedback: { plain: 'Quite so.' } }, { text: { plain: 'ice' }, right: true, weight: 25 }, { text: { plain: 'sand' }, right: false, weight: -50, feedback: { plain: 'Too dry.' } }], points: 4, explanation: { plain: 'It is the same\nin every state.' } },
  { id: 'tf', ref: 'TF', kind: 'true-false', stem: { plain: 'Stones float.' }, options: options('True', '*False') },
  { id: 'match', ref: 'MATCH', kind: 'match', stem: { plain: 'Match each part with its work.' }, pairs: [{ left: { plain: 'Paddle' }, right: { plain: 'lets water through' } }, { left: { plain: 'Gate' }, right: { plain: 'holds it back' } }, { left: { plain: 'Stop plank' }, right: { plain: 'holds it back' } }], points: 3, attempts: 2 },
  { id: 'order', ref: 'ORDER', kind: 'order', stem: { plain: 'Put these in order.' }, steps: [{ plain: 'Close the gates' }, { plain: 'Raise the paddles' }, { plain: 'Wait' }] },
  { id: 'short', ref: 'SHORT', kind: 'short', stem: { plain: 'What turns a paddle?' }, accepted: ['windlass', 'lock key'] },
  { id: 'number', ref: 'NUMBER', kind: 'number', stem: { plain: 'How deep is the cut?' }, number: { value: 1.4, tolerance: 0.1, unit: 'm' }, points: 2 },
  { id: 'exact', ref: 'EXACT', kind: 'number', stem: { plain: 'How many gates has a lock?' }, number: { value: 4, tolerance: 0 } },
  { id: 'gap', ref: 'GAP', kind: 'gap', stem: { plain: 'The {{1}} holds the {{2}} back.' }, gaps: [{ accepted: ['gate', 'door'] }, { accepted: ['water'], options: ['sand', 'water'] }], points: 2 },
  { id: 'open', ref: 'OPEN', kind: 'open', stem: { plain: 'Say why a lock is emptied slowly.' }, lines: 4 },
  { id: 'upload', ref: 'UPLOAD', kind: 'upload', stem: { plain: 'Hand in your log.' }, endings: ['.pdf'] },
  { id: 'card', ref: 'CARD', kind: 'card', stem: { plain: 'pound' }, accepted: ['water between two locks'], category: ['Words'] },
  { id: 'card-2', ref: 'CARD-2', kind: 'card', stem: { plain: 'cill' }, accepted: ['the step under the upper gates'], category: ['Words'] },
  { id: 'card-3', ref: 'CARD-3', kind: 'card', stem: { plain: 'winding hole' }, accepted: ['a wide place to turn a boat'], category: ['Words'] },
];

/** What scoring must give: a question's answers by its responses, and the points they earn. */
export const SCORES: readonly (readonly [id: string, answers: Record<string, string | string[]>, score: number])[] = [
  ['one', { RESPONSE: 'B' }, 2], ['one', { RESPONSE: 'A' }, 0],
  ['many', { RESPONSE: ['A', 'C'] }, 1], ['many', { RESPONSE: ['A'] }, 0], ['many', { RESPONSE: ['A', 'B', 'C'] }, 0],
  ['weighted', { RESPONSE: ['A', 'B'] }, 4], ['weighted', { RESPONSE: ['A'] }, 3], ['weighted', { RESPONSE: ['B'] }, 1], ['weighted', { RESPONSE: ['A', 'C'] }, 1], ['weighted', { RESPONSE: ['C'] }, 0],
  ['tf', { RESPONSE: 'B' }, 1], ['tf', { RESPONSE: 'A' }, 0],
  ['match', { RESPONSE: ['L1 R1', 'L2 R2', 'L3 R2'] }, 3], ['match', { RESPONSE: ['L1 R1', 'L2 R2'] }, 2], ['match', { RESPONSE: ['L1 R2'] }, 0],
  ['order', { RESPONSE: ['S1', 'S2', 'S3'] }, 1], ['order', { RESPONSE: ['S2', 'S1', 'S3'] }, 0],
  ['short', { RESPONSE: 'windlass' }, 1], ['short', { RESPONSE: 'LOCK KEY' }, 1], ['short', { RESPONSE: 'spanner' }, 0],
  ['number', { RESPONSE: '1.4' }, 2], ['number', { RESPONSE: '1.5' }, 2], ['number', { RESPONSE: '1.3' }, 2], ['number', { RESPONSE: '1.51' }, 0],
  ['exact', { RESPONSE: '4' }, 1], ['exact', { RESPONSE: '5' }, 0],
  ['gap', { RESPONSE_1: 'Door', RESPONSE_2: 'B' }, 2], ['gap', { RESPONSE_1: 'gate', RESPONSE_2: 'A' }, 1], ['gap', { RESPONSE_1: 'wall', RESPONSE_2: 'A' }, 0],
  ['card', { RESPONSE: 'water between two locks' }, 1], ['card', { RESPONSE: 'a boat' }, 0],
];
