// A layout's own file, with its blank, taken in again.
import { LayoutFileSchema, type LayoutFile } from '../../model';
import { fromBase64 } from '../../shared/base64';
import { defined } from '../../shared/defined';
import { say } from '../../shared/say';

export type LayoutFileRead =
  { file: LayoutFile; blank?: { name: string; bytes: Uint8Array } } | { problem: string };

/** The layout and its blank, or a sentence that says why they can't be had. */
export function readLayoutFile(name: string, text: string): LayoutFileRead {
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch {
    return {
      problem: say(
        "{name} is a layout's file, but its text is damaged and can't be read. Take another copy of it.",
        { name },
      ),
    };
  }
  const version = (raw as { version?: unknown } | null)?.version;
  if (typeof version === 'number' && version > 1) {
    return {
      problem: say(
        '{name} was written by a newer version of this program ({version}; this one reads version 1). Bring this program up to date.',
        { name, version },
      ),
    };
  }
  const parsed = LayoutFileSchema.safeParse(raw);
  if (!parsed.success) {
    const issue = parsed.error.issues[0];
    return {
      problem: say(
        "{name} is a layout's file, but at {path} it does not hold what it should ({message}).",
        {
          name,
          path: issue?.path.join('.') || say('its head'),
          message: issue?.message ?? say('unknown'),
        },
      ),
    };
  }
  const { blank } = parsed.data;
  return defined({
    file: parsed.data,
    blank: blank ? { name: blank.name, bytes: fromBase64(blank.base64) } : undefined,
  });
}
