// The corner of the page where short messages stand.
import { useCorner } from './say';

export function Said() {
  const Corner = useCorner();
  return Corner && <Corner />;
}
