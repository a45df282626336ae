// Where the question at hand stands: beside the grid, below it, or nowhere.
import { useSetting } from '../../state/setting';
import { i18n } from '../../../languages';

export type PanelPlace = 'beside' | 'below' | 'hidden';
export const PANEL_WORDS: { value: PanelPlace; label: string }[] = [
  { value: 'beside', label: i18n._('Question beside') },
  { value: 'below', label: i18n._('below') },
  { value: 'hidden', label: i18n._('hidden') },
];
export const usePanelPlace = () => useSetting<PanelPlace>('question-panel', 'beside');
