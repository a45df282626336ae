// How hard a question is, in the words people write for it. Common practice, no source.
import { bareWords } from '../normalise';

const LEVEL =
  /^(?:very )?(?:easy|medium|moderate|hard|difficult|simple|beginner|intermediate|advanced|basic|leicht|mittel|schwer|einfach|schwierig|facile|moyen|difficile|facil|media?|medio|dificil|makkelijk|gemiddeld|moeilijk|latt|svar|middels|vanskelig|hawdd|canolig|anodd)$/;

/** Whether a text says nothing but how hard a question is. */
export const saysLevel = (text: string): boolean => LEVEL.test(bareWords(text));
