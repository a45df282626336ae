// Where keys belong: a text being typed keeps its own.

/** Whether the event's target is a field in which text is typed. */
export const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable ||
    target.tagName === 'TEXTAREA' ||
    target.tagName === 'SELECT' ||
    (target.tagName === 'INPUT' &&
      !['checkbox', 'radio', 'button'].includes((target as HTMLInputElement).type)));
