import { OPERATIONS, speedUnit } from '@pike-stone/core';
import {
  cautions,
  sayDepth,
  sayFeed,
  saySpeed,
  warnings,
  type Result,
  type Warning,
} from '@pike-stone/words';
import type { RefObject } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../data/preferences';
import { Caution } from '../../kit/Caution';
import { Figure } from '../../kit/Figure';
import { Ladder } from '../../kit/Ladder';
import { sheet } from '../../theme/sheet';
import { themed } from '../../theme/theme';
import { SPACE } from '../../theme/type';
import type { Cut } from './useCut';

/** Warnings that follow from the numbers, then the usual cautions of the operation. */
export function useWarnings(cut: Cut): Warning[] {
  const units = useUnits();
  const own = warnings(cut.setup, cut.plan, units);
  const rank = { danger: 0, caution: 1, note: 2 } as const;
  return [...own.sort((a, b) => rank[a.level] - rank[b.level]), ...cautions(cut.setup, cut.plan)];
}

/** Speed and feed to set, in the machine's own terms. */
export function Results({
  cut,
  opened,
  onOpen,
}: {
  cut: Cut;
  opened?: Result | undefined;
  onOpen: (result: Result) => void;
}) {
  const styles = useStyles();
  const units = useUnits();
  const speed = saySpeed(cut.plan, cut.setup);
  const feed = sayFeed(cut.plan, cut.setup, units);
  return (
    <View style={styles.results}>
      <Figure {...speed} selected={opened === 'speed'} onPress={() => onOpen('speed')} />
      <View style={styles.rule} />
      <Figure {...feed} selected={opened === 'feed'} onPress={() => onOpen('feed')} />
    </View>
  );
}

/** The depth of cut with its dial reading, in smaller type because the sketch shows it too. */
export function DepthResult({
  cut,
  opened,
  onOpen,
}: {
  cut: Cut;
  opened?: Result | undefined;
  onOpen: (result: Result) => void;
}) {
  const units = useUnits();
  return (
    <View style={rowStyle.row}>
      <Figure
        {...sayDepth(cut.plan, cut.setup, units)}
        big={false}
        selected={opened === 'depth'}
        onPress={() => onOpen('depth')}
      />
    </View>
  );
}

/** @param latest  the cut as it is by now, where the ladder is drawn a little later */
export function SpeedLadder({ cut, latest }: { cut: Cut; latest?: RefObject<Cut> }) {
  const { plan, setup } = cut;
  const { speed } = plan;
  return (
    <Ladder
      says={OPERATIONS[setup.operation].turns === 'stroke' ? 'Strokes a minute' : 'Spindle speed'}
      unit={speedUnit(setup)}
      rungs={setup.machine.speeds.map((step) => step.rpm)}
      chosen={speed.rungRpm}
      chosenNow={() => (latest?.current.plan ?? plan).speed.rungRpm}
      show={(rpm) => String(Math.round(rpm))}
      band={speed.bandRpm}
      target={speed.idealRpm}
      limit={speed.bandRpm[1] * Math.max(1, 1 / speed.factors.speedFactor)}
      onChoose={(rpm) => cut.change({ rpmByHand: rpm === speed.choice.chosenRpm ? null : rpm })}
    />
  );
}

export function Warnings({ list }: { list: readonly Warning[] }) {
  return (
    <View>
      {list.map((warning) => (
        <Caution key={warning.key} level={warning.level}>
          {warning.text}
        </Caution>
      ))}
    </View>
  );
}

const rowStyle = sheet({ row: { flexDirection: 'row' } });
const useStyles = themed((c) =>
  sheet({
    results: { flexDirection: 'row', paddingTop: SPACE.hair },
    rule: { width: 1, backgroundColor: c.line, marginVertical: SPACE.close },
  }),
);
