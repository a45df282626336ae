// The words of a task to put things in order.
const ORDERING =
  /^(?:put in order|order|sequence|rank|arrange) (?:the|these)\b|\b(?:(?:in|into) (?:the )?(?:right |correct |proper )?(?:order|sequence)|reihenfolge|ordne|ordnet|sortier\w*|dans (?:l['’]|le bon )ordre|en (?:el )?orden|ordena\w*|in ordine|volgorde|rangschik|na ordem|ordnings?f[öo]ljd|r[æa]kkef[øo]lge|yn (?:y )?drefn)\b/iu;
/** Whether a task asks for steps to be put in order. */
export const asksForOrder = (text: string): boolean => ORDERING.test(text);
