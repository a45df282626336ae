// The rail of places, each with its count.
import { Badge, Box, NavLink, Stack, VisuallyHidden } from '@mantine/core';
import { Link, useLocation } from 'wouter';
import { fetchAhead } from './fetched-places';
import { PLACES, useCounts, type Count, type PlaceLink } from './places';

function CountBadge({ count }: { count: Count }) {
  return (
    <Badge
      color={count.isLook ? 'cowslip' : 'slate'}
      variant={count.isLook ? 'filled' : 'transparent'}
      c={count.isLook ? '#2a2100' : 'dimmed'}
      px={count.isLook ? 6 : 0}
    >
      {count.text}
      <VisuallyHidden> {count.words}</VisuallyHidden>
    </Badge>
  );
}

function RailLink({
  place,
  count,
  onGo,
}: {
  place: PlaceLink;
  count: Count | undefined;
  onGo: () => void;
}) {
  const [path] = useLocation();
  const isHere = path.startsWith(place.to);
  return (
    <NavLink
      component={Link}
      href={place.to}
      label={place.name}
      active={isHere}
      aria-current={isHere ? 'page' : undefined}
      rightSection={count && <CountBadge count={count} />}
      onClick={onGo}
      // It is on its way before the button is let go of.
      onPointerEnter={() => fetchAhead(place.to)}
      onFocus={() => fetchAhead(place.to)}
      px="md"
      style={{ borderInlineStart: `3px solid ${isHere ? 'var(--leaf)' : 'transparent'}` }}
      styles={{ label: { fontSize: 15, fontWeight: isHere ? 700 : 400 } }}
    />
  );
}

/** `onGo` hears that a place was chosen. */
export function Rail({ onGo }: { onGo: () => void }) {
  const counts = useCounts();
  const linkTo = (place: PlaceLink) => (
    <RailLink key={place.to} place={place} count={counts[place.to]} onGo={onGo} />
  );
  return (
    <Stack gap={0} h="100%" py="sm">
      {PLACES.filter(({ isAside }) => !isAside).map(linkTo)}
      <Box flex={1} mih={12} />
      {PLACES.filter(({ isAside }) => isAside).map(linkTo)}
    </Stack>
  );
}
