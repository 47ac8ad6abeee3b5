import { SHORTCUT_WORDS } from '@pike-stone/words';
import { SHORTCUTS, type Shortcut } from '@pike-stone/core';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { usePreferences } from '../../data/preferences';
import { useRules } from '../../data/rules';
import { backOr } from '../../kit/back';
import { Choice, Tick } from '../../kit/Choice';
import { Row } from '../../kit/Row';
import { Screen, Sheet } from '../../kit/Screen';
import { Words } from '../../kit/Words';
import { sheet } from '../../theme/sheet';
import { useWide } from '../../theme/theme';
import { SPACE } from '../../theme/type';
import { canBeKept } from '../house/kept-application';
import { Devices } from './Devices';
import { SetAsidePart } from './SetAsidePart';

const KEYS = [
  ['g then b c g d k', 'to Bench, Cut, Grind, Drawer, Book'],
  ['e', 'type the diameter'],
  ['w', 'open the working'],
  ['[ and ]', 'one step down or up'],
  ['u', 'swap mm and inch'],
  ['/', 'find'],
  ['?', 'this list'],
] as const;

/** Settings: units and theme of this device, and the schools that the shop follows. */
export function SettingsScreen() {
  const router = useRouter();
  const { units, theme, setUnits, setTheme } = usePreferences();
  const { rules, change } = useRules();
  return (
    <Screen title="Settings" onBack={() => backOr(router, '/')} side={<ShopPart />}>
      <Sheet>
        <View style={styles.group}>
          <Words role="heading">This device</Words>
          <Choice
            says="Units"
            value={units}
            onChange={setUnits}
            options={[
              { value: 'mm', label: 'Millimetres' },
              { value: 'inch', label: 'Inches' },
            ]}
          />
          <Choice
            says="Light or dark"
            value={theme}
            onChange={setTheme}
            options={[
              { value: 'light', label: 'Light' },
              { value: 'dark', label: 'Night shop' },
              { value: 'system', label: 'As the device' },
            ]}
          />
          {!canBeKept() && (
            <Words role="note">
              Under this address the browser does not keep the application itself: without the shop’s computer
              it opens only where it is open already. It is kept on the shop’s computer, and under an address
              that begins with https.
            </Words>
          )}
        </View>
      </Sheet>
      {rules && (
        <Sheet>
          <View style={styles.group}>
            <Words role="heading">Where to start in the chart</Words>
            <Choice
              says="School"
              value={rules.school}
              onChange={(school) => void change({ school })}
              options={[
                { value: 'bottom', label: 'Low end' },
                { value: 'middle', label: 'Middle' },
                { value: 'top', label: 'Top' },
              ]}
            />
            <Words role="note">
              Middle is our default: the arithmetic mean of the range. Low end suits old machines and scarce
              tools; top suits one-offs where time counts more than the edge.
            </Words>
            <Tick
              label="Then back off a third"
              about="and work up about 12 % a step while chip, sound and edge stay good"
              value={rules.backOffThird}
              onChange={(backOffThird) => void change({ backOffThird })}
            />
          </View>
          <View style={styles.group}>
            <Words role="heading">Shop shortcut</Words>
            <Choice
              says="Shop shortcut"
              value={rules.shortcut}
              onChange={(shortcut) => void change({ shortcut })}
              options={(Object.keys(SHORTCUTS) as Shortcut[]).map((value) => ({
                value,
                label: SHORTCUT_WORDS[value],
              }))}
            />
            <Words role="note">
              The number set is always the exact one; the working shows the shortcut beside it and the
              difference.
            </Words>
          </View>
          <View style={styles.group}>
            <Words role="heading">High speed steel or carbide</Words>
            <Choice
              says="Tool material"
              value={rules.choice ?? 'neither'}
              onChange={(choice) => void change({ choice })}
              options={[
                { value: 'neither', label: 'Neither first' },
                { value: 'hss-first', label: 'HSS first' },
                { value: 'inserts-first', label: 'Inserts first' },
              ]}
            />
            <Words role="note">
              Neither is our default: the job and the machine decide. HSS first suits small machines with a
              grinder beside them; inserts first suits hard metal and little time to grind.
            </Words>
          </View>
          <View style={styles.group}>
            <Words role="heading">Which step of the machine</Words>
            <Choice
              says="Step rule"
              value={rules.rungRule}
              onChange={(rungRule) => void change({ rungRule })}
              options={[
                { value: 'overshoot', label: 'Up to 10 % above' },
                { value: 'not-above', label: 'Never above' },
                { value: 'nearest', label: 'Nearest' },
              ]}
            />
            <Words role="note">
              Up to 10 % above is our default for general work: it costs HSS about half of its edge life and
              saves a far step down. Never above is for HSS near its limit.
            </Words>
          </View>
          <View style={styles.group}>
            <Words role="heading">What the shop has learned</Words>
            <Tick
              label="Bring starts to what our own cuts showed"
              about="One factor on speed and feed, for each machine, metal and tool material, from three cuts on; it stands in the working. Off: the table alone."
              value={rules.learns !== false}
              onChange={(learns) => void change({ learns })}
            />
          </View>
        </Sheet>
      )}
    </Screen>
  );
}

/** What the shop has: its files and devices; and on a wide screen the keys. */
function ShopPart() {
  const router = useRouter();
  const wide = useWide();
  const { shortcuts, setShortcuts } = usePreferences();
  return (
    <>
      <Sheet>
        <Row
          title="The shop as files"
          about="save all of it, take a saved one in, tables for a spreadsheet"
          onPress={() => router.push('/files')}
        />
      </Sheet>
      <SetAsidePart />
      <Devices />
      <Sheet>
        <Row
          title="What the words mean"
          about="chip load, side rake, depth of cut, back gear"
          onPress={() => router.push('/glossary')}
        />
      </Sheet>
      {wide && (
        <Sheet>
          <View style={styles.group}>
            <Words role="heading">Keys</Words>
            <Tick
              label="Shortcut keys"
              about="single letters act at once; switch them off where a voice types for you"
              value={shortcuts}
              onChange={setShortcuts}
            />
            {KEYS.map(([key, does]) => (
              <View key={key} style={styles.key}>
                <Words role="figure" style={styles.keyName}>
                  {key}
                </Words>
                <Words>{does}</Words>
              </View>
            ))}
          </View>
        </Sheet>
      )}
    </>
  );
}

const styles = sheet({
  group: { padding: SPACE.edge, gap: SPACE.near },
  key: { flexDirection: 'row', gap: SPACE.near },
  keyName: { width: 170 },
});
