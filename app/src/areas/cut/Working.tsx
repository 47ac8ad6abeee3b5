import { feedPer, usableFeeds } from '@pike-stone/core';
import { formatFeedPerTurn, formatFeedRate, type Result, type WorkingLine } from '@pike-stone/words';
import { working } from '@pike-stone/words/working';
import type { RefObject } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../data/preferences';
import { Ladder } from '../../kit/Ladder';
import { Words } from '../../kit/Words';
import { sheet } from '../../theme/sheet';
import { themed } from '../../theme/theme';
import { FONT, SPACE } from '../../theme/type';
import type { Cut } from './useCut';

export interface WorkingProps {
  readonly cut: Cut;
  /** The cut as it is by now, where the working is drawn a little later. */
  readonly latest?: RefObject<Cut>;
  readonly of: Result;
}

/** The working of a result: its lines, each with reason and source. */
export function Working({ cut, latest, of }: WorkingProps) {
  const units = useUnits();
  const lines = working(of, cut.setup, cut.plan, cut.rules, units);
  return (
    <>
      {of === 'feed' && <FeedLadder cut={cut} latest={latest} />}
      <View role="list" aria-label={`Working of the ${of}`}>
        {lines.map((line) => (
          <Line key={line.key} line={line} />
        ))}
      </View>
    </>
  );
}

function Line({ line }: { line: WorkingLine }) {
  const styles = useStyles();
  const note = [line.reason, line.source && `(${line.source})`].filter(Boolean).join(' ');
  return (
    <View role="listitem" style={[styles.line, line.kind === 'result' && styles.result]}>
      <View style={styles.top}>
        <Words
          role={line.kind === 'result' ? 'strong' : 'body'}
          style={[styles.label, line.kind === 'relation' && styles.relation]}
        >
          {line.label}
        </Words>
        <Words role="figure" style={[styles.value, line.kind === 'result' && styles.strong]}>
          {line.value}
        </Words>
      </View>
      {note !== '' && <Words role="note">{note}</Words>}
    </View>
  );
}

/** The feeds of this machine as a ladder, to choose another. */
function FeedLadder({ cut, latest }: { cut: Cut; latest: RefObject<Cut> | undefined }) {
  const units = useUnits();
  const { plan, setup } = cut;
  const steps = usableFeeds(setup);
  const { setting } = plan.feed;
  if (steps.length < 2 || setting.how !== 'lever') return null;
  const perMinute = setting.per === 'min';
  const toStep = perMinute ? plan.speed.rungRpm : 1;
  const chosenNow = () => {
    const now = (latest?.current.plan ?? plan).feed.setting;
    return now.how === 'lever' ? now.value : setting.value;
  };
  const show = (value: number) =>
    perMinute ? formatFeedRate(value, units) : formatFeedPerTurn(value, units, feedPer(setup));
  return (
    <Ladder
      says="Feed"
      rungs={steps.map((step) => step.value)}
      chosen={setting.value}
      chosenNow={chosenNow}
      show={(value) => show(value).figure}
      unit={show(1).unit}
      band={[plan.feed.lowMmRev * toStep, plan.feed.highMmRev * toStep]}
      target={plan.feed.wantedMmRev * toStep}
      limit={plan.feed.highMmRev * toStep}
      onChoose={(feedByHand) => cut.change({ feedByHand })}
    />
  );
}

const useStyles = themed((c) =>
  sheet({
    line: {
      paddingVertical: 9,
      marginHorizontal: SPACE.edge,
      borderBottomWidth: 1,
      borderBottomColor: c.line,
    },
    result: { borderBottomColor: c.strongLine },
    top: { flexDirection: 'row', gap: SPACE.near, alignItems: 'baseline', justifyContent: 'space-between' },
    label: { flexShrink: 1 },
    relation: { fontFamily: FONT.figures, fontSize: 15 },
    value: { textAlign: 'right', flexShrink: 0, maxWidth: '60%' },
    strong: { fontWeight: '600' },
  }),
);
