// The page's title says where one is, for those who hear it and for those with many tabs.
import { useDocumentTitle } from '@mantine/hooks';
import { useLocation } from 'wouter';
import { PLACES } from './places';
import { i18n } from '../../languages';

export function useTitle(): void {
  const [path] = useLocation();
  const place = PLACES.find(({ to }) => path.startsWith(to));
  useDocumentTitle(place ? i18n._('{name} · Cowslip', { name: place.name }) : i18n._('Cowslip'));
}
