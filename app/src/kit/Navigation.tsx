import { Link, usePathname } from 'expo-router';
import { PlacesBar } from './PlacesBar';

/** The places, with the one marked whose page is open. */
export function Navigation({ rail = false }: { rail?: boolean }) {
  const path = usePathname();
  return (
    <PlacesBar
      rail={rail}
      isHere={(href) => (href === '/' ? path === '/' || path.startsWith('/settings') : path.startsWith(href))}
      linked={(href, place) => (
        <Link key={href} href={href} asChild>
          {place}
        </Link>
      )}
    />
  );
}
