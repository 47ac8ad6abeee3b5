import type { CutSetup } from '@pike-stone/core';
import { exclusions, type RunState, type SignKey } from '@pike-stone/core/learn';
import { DEFER, type UnitSystem } from '@pike-stone/words';
import {
  sayBlocked,
  sayCauses,
  sayConflicts,
  sayExclusion,
  sayInstead,
  sayNext,
  saySources,
  sayStop,
} from '@pike-stone/words/learn';
import { View } from 'react-native';
import { Caution } from '../../../kit/Caution';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { themed } from '../../../theme/theme';
import { SPACE } from '../../../theme/type';

/** Changes that are told after the next one, and causes. */
const SHOWN = { after: 3, causes: 4 } as const;

/** The one next change from what was seen, its reasons, and what would be tried after it. */
export function AdvicePanel({
  state,
  signs,
  setup,
  units,
}: {
  state: RunState;
  signs: readonly SignKey[];
  setup: CutSetup;
  units: UnitSystem;
}) {
  const styles = useStyles();
  const { advice, next, after, blocked } = state;
  if (state.is === 'contradiction')
    return (
      <View role="alert" style={styles.box}>
        {exclusions(signs).map((pair) => (
          <Words key={pair.join()} role="fault">
            {sayExclusion(pair)}
          </Words>
        ))}
      </View>
    );
  if (advice?.action === 'stop')
    return (
      <View style={styles.danger}>
        <Words role="heading" style={styles.pad}>
          Stop
        </Words>
        {sayStop(advice.stopFor).map(({ what, look }) => (
          <View key={what}>
            <Caution level="danger">{what}</Caution>
            <Words style={styles.pad}>{`Then: ${look}.`}</Words>
          </View>
        ))}
        <Words role="note" style={styles.pad}>
          {DEFER}
        </Words>
      </View>
    );
  const said = next && sayNext(next, setup, units);
  const causes = advice ? sayCauses(advice).slice(0, SHOWN.causes) : [];
  const conflict = advice && sayConflicts(advice.conflicts);
  const instead = state.is === 'stuck' ? sayInstead(state.instead) : [];
  return (
    <View style={styles.box}>
      {said ? (
        <>
          <Words role="label">Next, change one thing</Words>
          <Words role="heading" testID="next-change">
            {said.title}
          </Words>
          {said.with !== null && <Words>{`${said.with}.`}</Words>}
          <Words>{`Why: ${lower(said.why)}.`}</Words>
          <Words>{`Look for: ${lower(said.look)}.`}</Words>
          {said.stop !== null && <Words role="strong">{`${said.stop}.`}</Words>}
          {said.cautions.map((one) => (
            <Caution key={one} level="caution">
              {one}
            </Caution>
          ))}
        </>
      ) : (
        <Words role="heading">
          {advice?.action === 'keep' || state.is === 'met' ? 'Keep it as it is' : 'Nothing more to set here'}
        </Words>
      )}
      {conflict !== null && conflict !== undefined && <Words role="fault">{conflict}</Words>}
      {blocked.map((one) => (
        <Words key={`${one.parameter}${one.direction}`} role="note">
          {sayBlocked(one)}
        </Words>
      ))}
      {instead.length > 0 && (
        <>
          <Words role="label">What else to change</Words>
          {instead.map((one) => (
            <Words key={one}>{`· ${one}`}</Words>
          ))}
        </>
      )}
      {causes.length > 0 && (
        <View>
          <Words role="label">Probable causes</Words>
          <View role="list" aria-label="Probable causes">
            {causes.map((one, i) => (
              <View key={one} role="listitem">
                <Words>{`${i + 1}. ${one}`}</Words>
              </View>
            ))}
          </View>
          <Words role="note">{`Sources: ${saySources(signs)}.`}</Words>
        </View>
      )}
      {after.length > 0 && (
        <>
          <Words role="label">Tried after it, if that does not help</Words>
          {after.slice(0, SHOWN.after).map((one) => (
            <Words key={`${one.parameter}${one.direction}`}>{`· ${sayNext(one, setup, units).title}`}</Words>
          ))}
        </>
      )}
    </View>
  );
}

const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

const useStyles = themed((c) =>
  sheet({
    box: {
      padding: SPACE.edge,
      gap: SPACE.close,
      backgroundColor: c.sheet,
      borderLeftWidth: 4,
      borderLeftColor: c.accent,
    },
    danger: {
      paddingVertical: SPACE.near,
      gap: SPACE.close,
      backgroundColor: c.sheet,
      borderLeftWidth: 4,
      borderLeftColor: c.danger,
    },
    pad: { paddingHorizontal: SPACE.edge },
  }),
);
