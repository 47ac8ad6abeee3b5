import { REMARK_LENGTH, cutBody, fieldsOf, type CutBody } from '@pike-stone/contract';
import { OPERATIONS, feedPer, isMill, speedUnit, usableFeeds } from '@pike-stone/core';
import { formatFeedPerTurn, formatLength, joined, saySpeed } from '@pike-stone/words';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { create } from 'zustand';
import { keptHere } from '../../sync/kept-here';
import { useUnits } from '../../data/preferences';
import { newId, save } from '../../data/records';
import { backOr, useGoOn } from '../../kit/back';
import { Button } from '../../kit/Button';
import { Choice } from '../../kit/Choice';
import { NoCut } from './NoCut';
import { keepQuick } from './quick/keep-quick';
import { Keypad } from '../../kit/Keypad';
import { Ladder } from '../../kit/Ladder';
import { Screen, Sheet } from '../../kit/Screen';
import { TextBox } from '../../kit/TextBox';
import { useBusy } from '../../kit/useBusy';
import { useUndo } from '../../kit/Undo';
import { Words } from '../../kit/Words';
import { sheet } from '../../theme/sheet';
import { themed } from '../../theme/theme';
import { CORNER, SPACE, TOUCH } from '../../theme/type';
import { OUTCOMES } from '../book/outcomes';
import { useCut, type Cut } from './useCut';

interface LogDraft {
  readonly outcome: CutBody['outcome'] | null;
  readonly remark: string;
  set(part: Partial<Pick<LogDraft, 'outcome' | 'remark'>>): void;
}

/** The remark while it is written; it survives a reload. */
const useLogDraft = create<LogDraft>()(
  keptHere((set) => ({ outcome: null, remark: '', set: (part) => set(part) }), { name: 'pike-log-draft' }),
);

/** Asks what was really set and for a remark, and puts the cut into the book. */
export function LogScreen() {
  const { cut, loading, error, refused } = useCut();
  return cut ? <LogPage cut={cut} /> : <NoCut loading={loading} error={error} refused={refused} />;
}

function LogPage({ cut }: { cut: Cut }) {
  const styles = useStyles();
  const router = useRouter();
  const goOn = useGoOn();
  const units = useUnits();
  const say = useUndo((state) => state.say);
  const { plan, setup } = cut;
  const { outcome, remark, set: keep } = useLogDraft();
  const [rpm, setRpm] = useState(plan.speed.rungRpm);
  const [feedMmRev, setFeed] = useState(plan.feed.mmRev);
  const [depthMm, setDepth] = useState(plan.depth.mm);
  // Made when the page opens: however often the button is pressed, it is one cut.
  const [id] = useState(newId);
  const [typing, setTyping] = useState<'feed' | 'depth' | null>(null);
  const [fault, setFault] = useState<Readonly<Record<string, string>>>({});
  const levers = isMill(setup.machine) ? [] : usableFeeds(setup);
  const feedTitle = `Feed per ${OPERATIONS[setup.operation].turns === 'stroke' ? 'stroke' : 'turn'}`;
  const onLever =
    levers.length > 1 ? levers.find((step) => Math.abs(step.value - feedMmRev) < 1e-9) : undefined;

  const write = async () => {
    if (!outcome) return setFault({ outcome: 'Say how it went first.' });
    const body = bodyOf(cut, { rpm, feedMmRev, depthMm }, outcome, remark);
    const read = cutBody.safeParse(body);
    if (!read.success)
      return setFault(Object.fromEntries(fieldsOf(read.error).map(({ path, message }) => [path, message])));
    // The book names records of the drawer: what was picked without an entry is kept first.
    await keepQuick(cut.choice);
    const result = await save('cuts', id, 0, read.data);
    if ('refusal' in result) return setFault({ remark: result.refusal.message });
    keep({ outcome: null, remark: '' });
    say(
      result.sent === 'waiting'
        ? 'Kept on this device; it goes into the book when the shop’s computer answers.'
        : 'In the book.',
    );
    goOn(`/book/${id}`);
  };
  const { busy, press } = useBusy(write);

  return (
    <Screen
      title="What was really set?"
      about={`${setup.stock.name}, ${setup.tool.name}, ${OPERATIONS[setup.operation].turns === 'work' ? `⌀${joined(formatLength(plan.diameterMm, units))}` : setup.machine.name}`}
      onBack={() => backOr(router, '/cut')}
      footer={<Button kind="main" label="Put in the book" busy={busy} onPress={press} style={styles.fill} />}
    >
      <Sheet>
        <View style={styles.group}>
          <Words role="label">{saySpeed(plan, setup).label}</Words>
          <Words role="strong">
            {Math.round(rpm)} {speedUnit(setup)},{' '}
            {setup.machine.speeds.find((step) => step.rpm === rpm)?.setting}
          </Words>
        </View>
        <Ladder
          says="Speed that was set"
          unit={speedUnit(setup)}
          rungs={setup.machine.speeds.map((step) => step.rpm)}
          chosen={rpm}
          show={(value) => String(Math.round(value))}
          band={plan.speed.bandRpm}
          target={plan.speed.idealRpm}
          limit={Infinity}
          onChoose={setRpm}
        />
        <View style={styles.group}>
          <Words role="label">Feed</Words>
          {!onLever && (
            <Entry
              label={joined(formatFeedPerTurn(feedMmRev, units, feedPer(setup)))}
              says={feedTitle}
              onPress={() => setTyping('feed')}
            />
          )}
          {onLever && (
            <Words role="strong">{`${joined(formatFeedPerTurn(onLever.value, units, feedPer(setup)))}, ${onLever.setting}`}</Words>
          )}
        </View>
        {onLever && (
          <Ladder
            says="Feed that was set"
            unit={formatFeedPerTurn(1, units, feedPer(setup)).unit}
            rungs={levers.map((step) => step.value)}
            chosen={onLever.value}
            show={(value) => formatFeedPerTurn(value, units).figure}
            band={[plan.feed.lowMmRev, plan.feed.highMmRev]}
            target={plan.feed.wantedMmRev}
            limit={Infinity}
            onChoose={setFeed}
          />
        )}
        <View style={styles.group}>
          <Words role="label">Depth</Words>
          <Entry
            label={joined(formatLength(depthMm, units))}
            says="Depth"
            onPress={() => setTyping('depth')}
          />
        </View>
      </Sheet>
      <Sheet>
        <View style={styles.group}>
          <Words role="label">How did it go?</Words>
          <Choice
            says="How did it go?"
            value={outcome}
            onChange={(value) => {
              keep({ outcome: value });
              setFault({});
            }}
            options={OUTCOMES}
          />
          {fault.outcome && <Words role="fault">{fault.outcome}</Words>}
          <TextBox
            label="Remark"
            value={remark}
            onChange={(value) => keep({ remark: value })}
            lines={4}
            limit={REMARK_LENGTH}
            fault={fault.remark}
            placeholder="Chip, sound, surface, edge; what to change next time"
          />
          {Object.entries(fault)
            .filter(([path]) => path !== 'remark' && path !== 'outcome')
            .map(([path, message]) => (
              <Words key={path} role="fault">{`${path}: ${message}`}</Words>
            ))}
        </View>
      </Sheet>
      {typing === 'depth' && (
        <Keypad
          title="Depth that was taken"
          place="depth"
          valueMm={depthMm}
          limits={{ lowMm: 0.005, highMm: 500 }}
          onSet={setDepth}
          onClose={() => setTyping(null)}
        />
      )}
      {typing === 'feed' && (
        <Keypad
          title={feedTitle}
          place="feed"
          valueMm={feedMmRev}
          limits={{ lowMm: 0.001, highMm: 20 }}
          onSet={setFeed}
          onClose={() => setTyping(null)}
        />
      )}
    </Screen>
  );
}

const rounded = (value: number): number => Number(value.toPrecision(7));

function bodyOf(cut: Cut, set: CutBody['set'], outcome: CutBody['outcome'], remark: string): CutBody {
  const { plan, setup, choice } = cut;
  return {
    ...choice,
    takenAt: new Date().toISOString(),
    names: { machine: setup.machine.name, stock: setup.stock.name, tool: setup.tool.name },
    diameterMm: rounded(plan.diameterMm),
    planned: {
      rpm: plan.speed.rungRpm,
      feedMmRev: rounded(plan.feed.mmRev),
      depthMm: rounded(plan.depth.mm),
      setting: plan.speed.setting,
      aimMPerMin: rounded(plan.speed.aimMPerMin),
    },
    set: { rpm: set.rpm, feedMmRev: rounded(set.feedMmRev), depthMm: rounded(set.depthMm) },
    outcome,
    remark,
  };
}

function Entry({ label, says, onPress }: { label: string; says: string; onPress: () => void }) {
  const styles = useStyles();
  return (
    <Pressable role="button" aria-label={`${label}, ${says}, change`} onPress={onPress} style={styles.entry}>
      <Words role="figure" style={styles.entryWords}>
        {label}
      </Words>
    </Pressable>
  );
}

const useStyles = themed((c) =>
  sheet({
    fill: { flex: 1 },
    group: { paddingHorizontal: SPACE.edge, paddingVertical: SPACE.close, gap: SPACE.close },
    entry: {
      minHeight: TOUCH,
      justifyContent: 'center',
      paddingHorizontal: SPACE.near,
      borderWidth: 1,
      borderColor: c.strongLine,
      borderRadius: CORNER,
    },
    entryWords: { color: c.accent, fontWeight: '600' },
  }),
);
