import { dividingWays } from '@pike-stone/core/setting';
import {
  sayCompound,
  sayDifferential,
  sayIndexing,
  sayNearestHoles,
  sayOtherCircles,
  saySectorArms,
} from '@pike-stone/words/form';
import { View } from 'react-native';
import { useUnits } from '../../data/preferences';
import { Sheet } from '../../kit/Screen';
import { Words } from '../../kit/Words';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';
import { lengthText } from '../figures/read-figure';
import { useFigures } from '../figures/useFigures';
import { AnglesFrame } from './AnglesFrame';
import { HoleCircle } from './HoleCircle';
import { HeadChoice } from './HeadChoice';
import { useHead } from './use-set';

/** Divisions of a circle on the shop's head and plates: simple, compound, differential, and what is left over. */
export function Dividing() {
  const units = useUnits();
  const {
    head: { plates, gears },
    ratio: turns,
  } = useHead();
  const figures = useFigures(
    [
      { key: 'divisions', label: 'Divisions', kind: 'whole', low: 1, high: 1000, start: '64' },
      {
        key: 'diameter',
        label: 'Diameter of the work',
        kind: 'size',
        low: 1,
        high: 2000,
        start: lengthText(50, units),
        about: 'for what an error is on the circle',
      },
    ],
    { keptAs: 'dividing', atOnce: true },
  );
  const [divisions, diameter] = [figures.peek('divisions')?.[0], figures.peek('diameter')?.[0]];
  const found = divisions === undefined ? null : dividingWays(turns, divisions, plates, gears);
  const others = found?.simple.exact ? sayOtherCircles(found.simple) : null;
  return (
    <AnglesFrame
      part="divide"
      side={
        <>
          <HeadChoice />
          <Sheet>
            <View style={styles.box}>{figures.boxes[1]}</View>
          </Sheet>
        </>
      }
    >
      <Sheet>
        <View style={styles.box}>{figures.boxes[0]}</View>
      </Sheet>
      {found && (
        <Sheet>
          <View style={styles.box} testID="dividing-says">
            {found.simple.exact ? (
              <>
                <Words role="heading">Exact</Words>
                <Words role="big">{sayIndexing(found.simple)}</Words>
                <HoleCircle
                  circle={found.simple.choices.at(-1)!.circle}
                  spaces={found.simple.choices.at(-1)!.spaces}
                />
                {others !== null && <Words role="note">{others}</Words>}
                <Words>{saySectorArms(found.simple)}</Words>
              </>
            ) : (
              <>
                <Words role="heading">Not exact by simple indexing</Words>
                {found.differential && (
                  <>
                    <Words role="strong">Differential, exact</Words>
                    {sayDifferential(found.differential).map((line) => (
                      <Words key={line}>{line}</Words>
                    ))}
                  </>
                )}
                {found.compound && (
                  <>
                    <Words role="strong">Compound, exact</Words>
                    <Words>{sayCompound(found.compound)}</Words>
                  </>
                )}
                {!found.compound && !found.differential && (
                  <Words>
                    Neither compound nor differential dividing makes it with these plates and gears.
                  </Words>
                )}
                <Words role="strong">Near enough?</Words>
                {sayNearestHoles(found.simple, diameter ?? null, units).map((line) => (
                  <Words key={line}>{line}</Words>
                ))}
              </>
            )}
          </View>
        </Sheet>
      )}
    </AnglesFrame>
  );
}

const styles = sheet({ box: { padding: SPACE.edge, gap: SPACE.near } });
