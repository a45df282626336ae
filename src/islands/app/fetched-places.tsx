// The places, each fetched when it is first gone to, or ahead of that.
import { fetched } from '../parts/fetched';
import { Opening } from './Opening';

const meanwhile = <Opening what="the place" />;

export const GatherPlace = fetched(() => import('../gather/GatherPlace'), meanwhile);
export const DraftPlace = fetched(() => import('../draft/DraftPlace'), meanwhile);
export const BankPlace = fetched(() => import('../bank/BankPlace'), meanwhile);
export const SetsPlace = fetched(() => import('../sets/SetsPlace'), meanwhile);
export const LayoutsPlace = fetched(() => import('../layouts/LayoutsPlace'), meanwhile);
export const HandOverPlace = fetched(() => import('../hand-over/HandOverPlace'), meanwhile);
export const RehearsePlace = fetched(() => import('../rehearse/RehearsePlace'), meanwhile);
export const ResultsPlace = fetched(() => import('../results/ResultsPlace'), meanwhile);
export const RecordsPlace = fetched(() => import('./RecordsPlace'), meanwhile);
export const HelpPlace = fetched(() => import('./HelpPlace'), meanwhile);
export const JoinRound = fetched(
  () => import('../rehearse/JoinRound'),
  <Opening what="the round" />,
);

const BY_PATH: Readonly<Record<string, { ahead: () => void }>> = {
  '/gather': GatherPlace,
  '/draft': DraftPlace,
  '/bank': BankPlace,
  '/sets': SetsPlace,
  '/layouts': LayoutsPlace,
  '/hand-over': HandOverPlace,
  '/rehearse': RehearsePlace,
  '/results': ResultsPlace,
  '/records': RecordsPlace,
  '/help': HelpPlace,
};

/** Fetches the place that an address names before it is gone to; the first one for any other address. */
export const fetchAhead = (path: string): void =>
  (BY_PATH[`/${path.split('/')[1] ?? ''}`] ?? GatherPlace).ahead();
