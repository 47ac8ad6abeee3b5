import type { Device } from '@pike-stone/contract';
import { View } from 'react-native';
import { Button } from '../../kit/Button';
import { Sheet } from '../../kit/Screen';
import { Words } from '../../kit/Words';
import { sendAway, useDevices, usePairingCode } from '../../sync/devices';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';

const SHOWN = 12;
const DAY_MS = 86_400_000;

/** When a device was used last, as people say it. */
function sayLastUse(lastUse: string, now: number): string {
  const days = Math.floor((now - Date.parse(lastUse)) / DAY_MS);
  if (now - Date.parse(lastUse) < 5 * 60_000) return 'used just now';
  return days < 1 ? 'used today' : days === 1 ? 'used yesterday' : `used ${days} days ago`;
}

/** Devices that are in the shop, with a way to send each away, and the code for the next one. */
export function Devices() {
  const { data, error } = useDevices();
  const { data: pairing } = usePairingCode();
  const devices = data?.devices ?? [];
  return (
    <Sheet>
      <View style={styles.group}>
        <Words role="heading">Devices that are in</Words>
        {error !== undefined && devices.length === 0 && (
          <Words role="note">The list comes from the shop’s computer, which does not answer now.</Words>
        )}
        <View role="list" aria-label="Devices that are in">
          {devices.slice(0, SHOWN).map((device) => (
            <DeviceRow key={device.id} device={device} />
          ))}
        </View>
        {devices.length > SHOWN && (
          <Words role="note">{`and ${devices.length - SHOWN} more, used before these`}</Words>
        )}
        {pairing?.code && (
          <>
            <Words role="label">To let in another</Words>
            <Words role="figure">{`${pairing.code.slice(0, 3)} ${pairing.code.slice(3)}`}</Words>
            <Words role="note">
              {`Open ${window.location.origin} on it and type this code. Good for one device, and changes by itself.`}
            </Words>
          </>
        )}
        {pairing && !pairing.code && (
          <Words role="note">
            Only this computer reaches Pike Stone now. To let phones in, start it with PIKE_HOST=0.0.0.0; it
            then shows a code.
          </Words>
        )}
      </View>
    </Sheet>
  );
}

function DeviceRow({ device: { id, name, paired, lastUse, thisOne } }: { readonly device: Device }) {
  const about = [
    thisOne ? 'this device' : sayLastUse(lastUse, Date.now()),
    paired ? 'came in by a code' : 'at the shop’s computer',
  ].join(', ');
  return (
    <View role="listitem" style={styles.device}>
      <View style={styles.words}>
        <Words>{name}</Words>
        <Words role="note">{about}</Words>
      </View>
      {!thisOne && (
        <Button
          kind="plain"
          label="Send away"
          says={`Send away: ${name}`}
          onPress={() => void sendAway(id)}
        />
      )}
    </View>
  );
}

const styles = sheet({
  group: { padding: SPACE.edge, gap: SPACE.near },
  device: { flexDirection: 'row', alignItems: 'center', gap: SPACE.near, minHeight: 56 },
  words: { flex: 1, minWidth: 0 },
});
