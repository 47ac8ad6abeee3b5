import { Loading } from '../kit/Empty';
import { NotHere } from './NotHere';

/** What stands in place of a page about one thing: that it is loading, or that this shop has no such thing. */
export function LoadingOrNotHere({
  loading,
  error,
  place = 'drawer',
}: {
  loading: boolean;
  error: Error | undefined;
  place?: 'drawer' | 'book';
}) {
  return loading || error ? <Loading error={error} /> : <NotHere place={place} />;
}
