// Parts of the page that are fetched when they are first shown. React's own lazy parts keep what stands in for them for three
// tenths of a second, however soon they come; these show as soon as they are here, and at once where they came ahead.
import { useEffect, useState, type ComponentType, type ReactNode } from 'react';

type Loaded<Props> = { default: ComponentType<Props> };
type Fetched<Props> = ComponentType<Props> & {
  /** Fetches the part before it is shown. What can't be had is asked for again when it is. */
  ahead: () => void;
};

/** A part that is fetched by `load` and has `meanwhile` in its place until then; a fault is thrown where it is shown. */
export function fetched<Props extends object>(
  load: () => Promise<Loaded<Props>>,
  meanwhile: ReactNode = null,
): Fetched<Props> {
  let known: ComponentType<Props> | undefined;
  const fetchIt = async (): Promise<void> => {
    known = (await load()).default;
  };
  function Part(props: Props) {
    const [Shown, setShown] = useState(() => known);
    const [fault, setFault] = useState<{ is: unknown }>();
    useEffect(() => {
      let isGone = false;
      if (!Shown) {
        fetchIt().then(
          () => isGone || setShown(() => known),
          (error: unknown) => isGone || setFault({ is: error }),
        );
      }
      return () => {
        isGone = true;
      };
    }, [Shown]);
    if (fault) {
      throw fault.is;
    }
    return Shown ? <Shown {...props} /> : meanwhile;
  }
  return Object.assign(Part, { ahead: () => void fetchIt().catch(() => undefined) });
}
