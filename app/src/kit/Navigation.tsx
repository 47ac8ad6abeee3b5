import { Link, usePathname } from 'expo-router';
import { isAt } from './places';
import { PlacesBar } from './PlacesBar';

/** The places, with the one marked whose page is open. */
export function Navigation({ rail = false }: { rail?: boolean }) {
  const path = usePathname();
  return (
    <PlacesBar
      rail={rail}
      isHere={(href) => isAt(href, path)}
      linked={(href, place) => (
        <Link key={href} href={href} asChild>
          {place}
        </Link>
      )}
    />
  );
}
