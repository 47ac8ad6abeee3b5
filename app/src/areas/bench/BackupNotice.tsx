import { Caution } from '../../kit/Caution';
import { useBackups } from '../../sync/backups';

/** Age of the last good backup that is worth a word, days: one is made each day. */
const OLD_DAYS = 3;

/** Says when the last good backup is old; nothing while they are made as they should be. */
export function BackupNotice() {
  const { data } = useBackups();
  if (!data?.made || data.ageDays < OLD_DAYS) return null;
  const days = Math.floor(data.ageDays);
  return (
    <Caution level="caution">
      {data.last === null
        ? `There is no good backup, and ${days} days have gone by. At the shop’s computer type: npm run backup`
        : `The last good backup is ${days} days old. At the shop’s computer type: npm run backup`}
    </Caution>
  );
}
