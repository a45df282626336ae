// A clock that a question is open by.
import { useEffect, useState } from 'react';

/** How many seconds are left, counted down while the question is open. */
export function useCountdown(begunAt: number, seconds: number, isOpen: boolean): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (!isOpen) {
      return undefined;
    }
    const timer = setInterval(() => setNow(Date.now()), 250);
    return () => clearInterval(timer);
  }, [isOpen, begunAt]);
  return Math.max(0, Math.ceil(seconds - Math.max(0, now - begunAt) / 1000));
}
