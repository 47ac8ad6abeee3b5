import { backupAnswer } from '@pike-stone/contract';
import useSWR from 'swr';
import { reading } from './reading';
import { useSession } from './session';

/** When the last good backup of the shop's computer was made. */
export function useBackups() {
  const { data: session } = useSession();
  return useSWR(session ? '/api/backups' : null, (path: string) => reading(path, backupAnswer), {
    refreshInterval: 3_600_000,
  });
}
