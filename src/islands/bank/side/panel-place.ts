// Where the question at hand stands: beside the grid, below it, or nowhere.
import { useSetting } from '../../state/setting';

export type PanelPlace = 'beside' | 'below' | 'hidden';
export const PANEL_WORDS: { value: PanelPlace; label: string }[] = [
  { value: 'beside', label: 'Question beside' },
  { value: 'below', label: 'below' },
  { value: 'hidden', label: 'hidden' },
];
export const usePanelPlace = () => useSetting<PanelPlace>('question-panel', 'beside');
