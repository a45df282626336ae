// The words of a task to put things in order.
import { asksOutright } from './typed-line';

const ORDERING =
  /^(?:put in order|order|sequence|rank|arrange) (?:the|these)\b|\b(?:(?:(?:in|into) (?:the )?|(?:give|write|find|show) the )(?:right |correct |proper )?(?:order|sequence)|reihenfolge|ordne|ordnet|sortier\w*|dans (?:l['’]|le bon )ordre|en (?:el )?orden|ordena\w*|in ordine|volgorde|rangschik|na ordem|ordnings?f[öo]ljd|r[æa]kkef[øo]lge|yn (?:y )?drefn)\b/iu;
/** From one end of a scale to the other: 'du plus bas au plus haut', 'die kleinste zuerst'. A question may speak of a scale as well. */
const SCALE =
  /(?<!\p{L})(?:from (?:the )?\p{L}+est to (?:the )?\p{L}+est|\p{L}+est first|du plus \p{L}+ au plus|vom \p{L}+sten (?:bis )?zum \p{L}+sten|\p{L}+st(?:e|en|er|es) zuerst|de (?:menor a mayor|mayor a menor)|del más \p{L}+ al más|dal più \p{L}+ al più|do mais \p{L}+ ao mais|van (?:klein|groot|laag|hoog|oud|jong|kort|lang) naar)(?!\p{L})/iu;

const NAMING =
  /^\s*(?:name|list|give|state|write down|nenne|nennt|zähle?|citez?|nommez?|énumérez?|nombra|enumera|elenca|noem|geef|nomeie|liste)(?!\p{L})/iu;
/** Whether a task asks to name several things: what stands below it are answers in no order. */
export const asksToName = (text: string): boolean => NAMING.test(text);

/** Whether a task asks for steps to be put in order. */
export const asksForOrder = (text: string): boolean =>
  ORDERING.test(text) || (!asksOutright(text) && SCALE.test(text));
