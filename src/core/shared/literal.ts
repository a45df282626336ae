// Somebody's text inside a pattern.

/** The text as a pattern that matches just that text. */
export const literal = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
