// The corner of the page where short messages stand.
import { fetched } from './fetched';
import { useHasSaid } from './say';

const Corner = fetched(() => import('./Corner').then((module) => ({ default: module.Corner })));

export const Said = () => useHasSaid() && <Corner />;
