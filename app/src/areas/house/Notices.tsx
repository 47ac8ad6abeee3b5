import { factsOf, type Kind } from '@pike-stone/contract';
import { useRouter, type Href } from 'expo-router';
import { removeEntry, sendAgain, useOutbox } from '../../sync/outbox';
import type { Outgoing } from '../../sync/outgoing';
import { keepOurs, sendNow, takeTheirs } from '../../data/records';
import { useAside } from '../../sync/aside';
import { Button } from '../../kit/Button';
import { OfflineIcon, WarningIcon } from '../../kit/icons';
import { Notice } from './Notice';

const nameOf = (entry: Outgoing): string =>
  'name' in entry.body ? entry.body.name : entry.kind === 'cuts' ? 'a cut in the book' : 'the shop’s schools';

/** Page on which a record can be mended. */
const pageOf = ({ kind, id }: Outgoing): Href | null => {
  if (isDrawer(kind)) return `/drawer/${kind}/${id}`;
  if (kind === 'cuts') return `/book/${id}`;
  if (kind === 'bits') return `/grind/${id}`;
  return kind === 'rules' ? '/settings' : null;
};
const isDrawer = (kind: Kind): boolean => factsOf(kind).inDrawer === true;

const sayWaiting = (waiting: number): string =>
  waiting === 0
    ? 'Everything here goes on working.'
    : waiting === 1
      ? '1 entry waits on this device and is sent by itself.'
      : `${waiting} entries wait on this device and are sent by itself.`;

/** What stands between this device and the shop's computer, while it does. */
export function Notices() {
  const { entries, reachable, heldUp, onlyHere } = useOutbox();
  const aside = useAside(({ things }) => things.length);
  const router = useRouter();
  const waiting = entries.filter((entry) => entry.state === 'waiting').length;
  const stuck = entries.find((entry) => entry.state !== 'waiting');
  const unkept = waiting > 0 && onlyHere.length > 0;
  return (
    <>
      {!reachable && !unkept && (
        <Notice icon={OfflineIcon}>
          {waiting > 0
            ? `No connection. ${sayWaiting(waiting)}`
            : `No connection to the shop’s computer. ${sayWaiting(0)}`}
        </Notice>
      )}
      {reachable && heldUp !== null && waiting > 0 && !unkept && <Notice icon={OfflineIcon}>{heldUp}</Notice>}
      {unkept && (
        <Notice icon={WarningIcon} urgent>
          {`This device has no room: ${onlyHere.length === 1 ? '1 entry lives' : `${onlyHere.length} entries live`} only in this page. Leave it open until the shop’s computer answers.`}
        </Notice>
      )}
      {aside > 0 && (
        <Notice
          icon={WarningIcon}
          urgent
          actions={<Button kind="plain" label="Look at it" onPress={() => router.push('/settings')} />}
        >
          {`${aside === 1 ? 'Something kept on this device could not be read and is' : `${aside} things kept on this device could not be read and are`} set aside.`}
        </Notice>
      )}
      {stuck && <Stuck entry={stuck} />}
    </>
  );
}

/** A write that somebody must decide about: another was faster, or the server does not take it. */
function Stuck({ entry }: { readonly entry: Outgoing }) {
  const router = useRouter();
  const page = pageOf(entry);
  const conflict = entry.state === 'conflict';
  const again = async () => {
    await sendAgain(entry);
    await sendNow();
  };
  return (
    <Notice
      icon={WarningIcon}
      urgent
      actions={
        conflict ? (
          <>
            <Button kind="plain" label="Keep mine" onPress={() => void keepOurs(entry)} />
            <Button kind="plain" label="Take theirs" onPress={() => void takeTheirs(entry)} />
          </>
        ) : (
          <>
            {page && <Button kind="plain" label="Mend it" onPress={() => router.push(page)} />}
            <Button kind="plain" label="Send again" onPress={() => void again()} />
            <Button kind="plain" label="Drop it" onPress={() => void removeEntry(entry.kind, entry.id)} />
          </>
        )
      }
    >
      {conflict
        ? `${nameOf(entry)}: someone changed it after you opened it. Yours is kept here.`
        : `${nameOf(entry)} was not taken: ${entry.why ?? ''}`}
    </Notice>
  );
}
