// The page's title says where one is, for those who hear it and for those with many tabs.
import { useDocumentTitle } from '@mantine/hooks';
import { useLocation } from 'wouter';
import { PLACES } from './places';

export function useTitle(): void {
  const [path] = useLocation();
  const place = PLACES.find(({ to }) => path.startsWith(to));
  useDocumentTitle(place ? `${place.name} · Cowslip` : 'Cowslip');
}
