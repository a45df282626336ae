// Focus is never lost to the page: where its element goes away, it goes on to where the next act is.

/** What takes the focus over within a place, the first that is there: the work itself, the next act, the place. */
const NEXT = ['[data-next]', '[data-main]', '#place'];

const isLost = (): boolean =>
  document.activeElement === null || document.activeElement === document.body;

function canTake(element: Element): boolean {
  return element.isConnected && !element.matches(':disabled') && element.id !== 'place';
}

/** Puts the focus on the next act of the place. */
export function focusNext(): void {
  const next = NEXT.map((selector) => document.querySelector<HTMLElement>(selector)).find(Boolean);
  next?.focus({ preventScroll: true });
}

/** What held the focus last: its element, and those around it that can hold it, from the inside. */
function chainOf(element: HTMLElement): HTMLElement[] {
  const chain = [element];
  for (let around = element.parentElement; around; around = around.parentElement) {
    if (around.hasAttribute('tabindex')) {
      chain.push(around);
    }
  }
  return chain;
}

/** Watches the page; gives back how to stop. */
export function keepFocus(): () => void {
  let chain: HTMLElement[] = [];
  let isPressed = false;
  let waiting = 0;
  const remember = (event: FocusEvent): void => {
    if (event.target instanceof HTMLElement) {
      chain = chainOf(event.target);
    }
  };
  // A press on the bare page lets the focus go on purpose.
  const press = (): void => {
    isPressed = true;
  };
  const release = (): void => {
    isPressed = false;
  };
  const look = (): void => {
    const [last] = chain;
    if (!isLost() || isPressed || !last || canTake(last)) {
      return;
    }
    const around = chain.find(canTake);
    if (around) {
      around.focus({ preventScroll: true });
    } else {
      focusNext();
    }
  };
  const changes = new MutationObserver(() => {
    cancelAnimationFrame(waiting);
    waiting = requestAnimationFrame(look);
  });
  changes.observe(document.body, {
    childList: true,
    subtree: true,
    attributeFilter: ['disabled'],
  });
  document.addEventListener('focusin', remember);
  document.addEventListener('pointerdown', press);
  document.addEventListener('pointerup', release);
  return () => {
    cancelAnimationFrame(waiting);
    changes.disconnect();
    document.removeEventListener('focusin', remember);
    document.removeEventListener('pointerdown', press);
    document.removeEventListener('pointerup', release);
  };
}
