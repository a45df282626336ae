// What a question asks of the mind, in the six words of Bloom's taxonomy of 1956 and of its revision by Anderson and Krathwohl of 2001, as
// they are written in several languages (the translations from memory).
import { bareWords } from '../normalise';
import { wholly } from './phrases';

const STEPS = wholly({
  en: [
    '(?:knowledge|comprehension|application|analysis|synthesis|evaluation|recall)',
    '(?:remember|understand|apply)(?:ing)?',
    'analy[sz](?:e|ing)',
    '(?:evaluat|creat)(?:e|ing)',
  ],
  de: [
    'wissen',
    'kenntnis',
    'verstehen',
    'verstandnis',
    'anwend(?:en|ung)',
    'analysieren',
    'bewert(?:en|ung)',
    'erschaffen',
    'synthese',
  ],
  fr: ['connaissance', 'memoriser', 'comprendre', 'appliquer', 'analyser', 'evaluer', 'creer'],
  es: ['conocer', 'recordar', 'comprender', 'aplicar', 'analizar', 'evaluar', 'crear'],
  it: ['ricordare', 'comprendere', 'applicare', 'analizzare', 'valutare', 'creare'],
  nl: ['onthouden', 'begrijpen', 'toepassen', 'analyseren', 'evalueren', 'creeren'],
  pt: ['lembrar', 'compreender', 'analisar', 'avaliar', 'criar'],
});
/** The number of a step in front of its word. */
const NUMBER = /^(?:[1-6k]|[kl][1-6]) ?/;

/** Whether a text says nothing but one of these. */
export function saysTaxonomy(text: string): boolean {
  const words = bareWords(text);
  return STEPS.test(words) || STEPS.test(words.replace(NUMBER, ''));
}
