// The words of a task to match.
const MATCHES =
  /(?<!\p{L})(?:match|pair|join|connect|link|zuord|ordne|verbind|reli[ea]|associ|relacion|abbin|colleg|koppel|combin|połącz|matcha|dopasuj|dobierz)/iu;
/** Whether a text asks to find what belongs together. */
export const asksToMatch = (text: string): boolean => MATCHES.test(text);
