import type { CutBody } from '@pike-stone/contract';
import { OPERATIONS, feedPer, isMill, speedUnit, usableFeeds } from '@pike-stone/core';
import { formatFeedPerTurn, formatLength, joined, saySpeed, type UnitSystem } from '@pike-stone/words';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { Keypad } from '../../../kit/Keypad';
import { Ladder } from '../../../kit/Ladder';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { themed } from '../../../theme/theme';
import { CORNER, SPACE, TOUCH } from '../../../theme/type';
import type { Cut } from '../../cut/useCut';

type Set = CutBody['set'];

/** Speed, feed and depth as they were really set at the machine. */
export function SetPart({
  cut,
  set,
  units,
  onChange,
}: {
  cut: Cut;
  set: Set;
  units: UnitSystem;
  onChange: (part: Partial<Set>) => void;
}) {
  const styles = useStyles();
  const { plan, setup } = cut;
  const { rpm, feedMmRev, depthMm } = set;
  const [typing, setTyping] = useState<'feed' | 'depth' | null>(null);
  const levers = isMill(setup.machine) ? [] : usableFeeds(setup);
  const feedTitle = `Feed per ${OPERATIONS[setup.operation].turns === 'stroke' ? 'stroke' : 'turn'}`;
  const onLever =
    levers.length > 1 ? levers.find((step) => Math.abs(step.value - feedMmRev) < 1e-6) : undefined;
  return (
    <>
      <View style={styles.group}>
        <Words role="heading">What was really set?</Words>
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
        onChoose={(next) => onChange({ rpm: next })}
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
          onChoose={(next) => onChange({ feedMmRev: next })}
        />
      )}
      <View style={styles.group}>
        <Words role="label">Depth</Words>
        <Entry label={joined(formatLength(depthMm, units))} says="Depth" onPress={() => setTyping('depth')} />
      </View>
      {typing === 'depth' && (
        <Keypad
          title="Depth that was taken"
          place="depth"
          valueMm={depthMm}
          limits={{ lowMm: 0.005, highMm: 500 }}
          onSet={(next) => onChange({ depthMm: next })}
          onClose={() => setTyping(null)}
        />
      )}
      {typing === 'feed' && (
        <Keypad
          title={feedTitle}
          place="feed"
          valueMm={feedMmRev}
          limits={{ lowMm: 0.001, highMm: 20 }}
          onSet={(next) => onChange({ feedMmRev: next })}
          onClose={() => setTyping(null)}
        />
      )}
    </>
  );
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
