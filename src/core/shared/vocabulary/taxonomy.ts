// What a question asks of the mind, in the six words of Bloom's taxonomy of 1956 and of its revision by Anderson and Krathwohl of 2001, as
// they are written in several languages (the translations from memory).
import { bareWords } from '../normalise';

const STEPS =
  /^(?:(?:[1-6k]|k[1-6]|l[1-6])? ?(?:knowledge|comprehension|application|analysis|synthesis|evaluation|remember(?:ing)?|understand(?:ing)?|apply(?:ing)?|analy[sz](?:e|ing)|evaluat(?:e|ing)|creat(?:e|ing)|recall|wissen|kenntnis|verstehen|verstandnis|anwenden|anwendung|analyse|analysieren|bewerten|bewertung|erschaffen|synthese|evaluation|connaissance|comprehension|memoriser|comprendre|appliquer|analyser|evaluer|creer|conocer|recordar|comprender|aplicar|analizar|evaluar|crear|ricordare|comprendere|applicare|analizzare|valutare|creare|onthouden|begrijpen|toepassen|analyseren|evalueren|creeren|lembrar|compreender|aplicar|analisar|avaliar|criar))$/;

/** Whether a text says nothing but one of these. */
export const saysTaxonomy = (text: string): boolean => STEPS.test(bareWords(text));
