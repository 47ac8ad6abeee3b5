import { useRouter } from 'expo-router';
import { useUnits } from '../../data/preferences';
import { useRecords } from '../../data/records';
import { useSession } from '../../sync/session';
import { useCut } from '../cut/useCut';
import { quietPart } from '../later-part';
import { BenchPage } from './BenchPage';

const LowStores = quietPart('LowStores');
const BackupNotice = quietPart('BackupNotice');

/** The first page, with the records of this shop. */
export function BenchScreen() {
  const router = useRouter();
  const { data: session } = useSession();
  const units = useUnits();
  const { cut, loading, error } = useCut();
  const cuts = useRecords('cuts');
  const { records: tools } = useRecords('tools');
  const { records: bits } = useRecords('bits');
  return (
    <BenchPage
      shop={session?.shop.name ?? ''}
      units={units}
      // Drawn once with all that it has, so that nothing moves down under a finger.
      waiting={!error && (loading || cuts.loading)}
      cut={cut}
      cuts={cuts.loading ? null : cuts.records}
      trouble={cuts.error}
      tools={tools}
      // A hand-ground tool and an end mill are ground in Grind, any other is looked at in the drawer.
      placeOf={(toolId) => {
        const bit = bits.find(({ body }) => body.toolId === toolId);
        if (tools.find(({ id }) => id === toolId)?.body.kind === 'end-mill')
          return `/grind/sharpen/${toolId}`;
        return bit ? `/grind/${bit.id}/regrind` : `/drawer/tools/${toolId}`;
      }}
      open={(page) => router.push(page)}
      notice={<BackupNotice />}
      low={<LowStores />}
    />
  );
}
