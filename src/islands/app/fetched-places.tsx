// The places, each fetched when it is first gone to, or ahead of that.
import { fetched } from '../parts/fetched';
import { Opening } from './Opening';
import { i18n } from '../../languages';

const meanwhile = <Opening what={i18n._('the place')} />;

const GatherPlace = fetched(() => import('../gather/GatherPlace'), meanwhile);
const DraftPlace = fetched(() => import('../draft/DraftPlace'), meanwhile);
const BankPlace = fetched(() => import('../bank/BankPlace'), meanwhile);
const SetsPlace = fetched(() => import('../sets/SetsPlace'), meanwhile);
const LayoutsPlace = fetched(() => import('../layouts/LayoutsPlace'), meanwhile);
const HandOverPlace = fetched(() => import('../hand-over/HandOverPlace'), meanwhile);
const RehearsePlace = fetched(() => import('../rehearse/RehearsePlace'), meanwhile);
const ResultsPlace = fetched(() => import('../results/ResultsPlace'), meanwhile);
const RecordsPlace = fetched(() => import('./RecordsPlace'), meanwhile);
const HelpPlace = fetched(() => import('./HelpPlace'), meanwhile);
export const JoinRound = fetched(
  () => import('../rehearse/JoinRound'),
  <Opening what={i18n._('the round')} />,
);

/** The places by the addresses that they stand at. */
export const ROUTES = [
  ['/gather', GatherPlace],
  ['/draft', DraftPlace],
  ['/bank', BankPlace],
  ['/sets/:id?', SetsPlace],
  ['/layouts/:id?', LayoutsPlace],
  ['/hand-over', HandOverPlace],
  ['/rehearse', RehearsePlace],
  ['/results/:id?', ResultsPlace],
  ['/records', RecordsPlace],
  ['/help', HelpPlace],
] as const;

/** Fetches the place that an address names before it is gone to; the first one for any other address. */
export function fetchAhead(path: string): void {
  const nameOf = (address: string): string | undefined => address.split('/')[1];
  const [, place] = ROUTES.find(([route]) => nameOf(route) === nameOf(path)) ?? ROUTES[0];
  place.ahead();
}
