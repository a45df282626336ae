// Text for the clipboard, with a word of what happened.
import { say, sayProblem } from './say';
import { i18n } from '../../languages';

/** Copies a text and says so; where the browser forbids it, that is said. */
export async function copyText(text: string, done: string): Promise<void> {
  try {
    await navigator.clipboard.writeText(text);
    say(done);
  } catch {
    sayProblem(
      i18n._(
        'The browser does not let the page write to the clipboard. Select the text and copy it by hand.',
      ),
    );
  }
}
