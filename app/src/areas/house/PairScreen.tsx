import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../kit/Button';
import { Screen, Sheet } from '../../kit/Screen';
import { TextBox } from '../../kit/TextBox';
import { Words } from '../../kit/Words';
import { Refusal } from '../../sync/api';
import { enterBy } from '../../sync/devices';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';

const DIGITS = 6;
const digitsOf = (text: string): string => text.replace(/\D/g, '').slice(0, DIGITS);

/** Shown on a device that is not in the shop yet: it asks for the code that the shop's computer shows. */
export function PairScreen() {
  // A scanned picture brings the code behind the #, which no server sees.
  const [code, setCode] = useState(() => digitsOf(window.location.hash));
  const [name, setName] = useState('');
  const [fault, setFault] = useState<string>();
  const [busy, setBusy] = useState(false);
  const enter = async () => {
    if (code.length < DIGITS) return setFault('Type the six digits.');
    setBusy(true);
    try {
      await enterBy(code, name.trim());
      window.history.replaceState(null, '', window.location.pathname);
    } catch (error) {
      setFault(
        error instanceof Refusal
          ? (error.problem.fields?.[0]?.message ?? error.problem.detail)
          : (error as Error).message,
      );
      setBusy(false);
    }
  };
  return (
    <Screen
      title="Let this device in"
      footer={
        <Button
          kind="main"
          label={busy ? 'Asking ...' : 'Come in'}
          disabled={busy}
          onPress={() => void enter()}
          style={styles.fill}
        />
      }
    >
      <Sheet>
        <View style={styles.group}>
          <Words>
            The shop’s records are only for devices that were let in. The code stands where npm start was
            typed, and in Settings on every device that is in already.
          </Words>
          <TextBox
            label="Six digits"
            figures
            value={code.replace(/^(\d{3})(\d)/, '$1 $2')}
            onChange={(text) => {
              setCode(digitsOf(text));
              setFault(undefined);
            }}
            placeholder="123 456"
            fault={fault}
          />
          <TextBox
            label="Name of this device, if you like"
            value={name}
            onChange={setName}
            limit={60}
            placeholder="Phone at the lathe"
          />
        </View>
      </Sheet>
    </Screen>
  );
}

const styles = sheet({ group: { padding: SPACE.edge, gap: SPACE.near }, fill: { flex: 1 } });
