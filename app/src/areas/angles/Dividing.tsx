import {
  arcOfError,
  compoundIndexing,
  differentialDividing,
  simpleIndexing,
  type Plates,
} from '@pike-stone/core/setting';
import { sayDifferential, sayFine, sayIndexing } from '@pike-stone/words/form';
import { formatAngle, formatLength, joined } from '@pike-stone/words';
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

/** How far a trial count may be from the wanted one. */
const AROUND = 15;

/** All ways of dividing: simple, and where it is not exact compound and differential. */
function dividedBy(turns: number, divisions: number, plates: Plates, gears: readonly number[]) {
  const simple = simpleIndexing(turns, divisions, plates);
  if (simple.exact || turns === 1) return { simple, compound: null, differential: null };
  return {
    simple,
    compound: compoundIndexing(turns, divisions, plates),
    differential: differentialDividing(turns, divisions, null, plates, gears, AROUND),
  };
}

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
  const found = divisions === undefined ? null : dividedBy(turns, divisions, plates, gears);
  const at =
    diameter === undefined
      ? null
      : (arcsec: number): string => sayFine(Math.abs(arcOfError(arcsec, diameter)), units);
  const where = diameter === undefined ? '' : ` at ${joined(formatLength(diameter, units))}`;
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
                {found.simple.choices.length > 1 && (
                  <Words role="note">
                    {`Also ${found.simple.choices
                      .slice(0, -1)
                      .map(({ circle, spaces }) => `${spaces} of ${circle}`)
                      .join(', ')}: the largest circle errs least.`}
                  </Words>
                )}
                <Words>
                  {`Set the sector arms to ${found.simple.choices.at(-1)!.spaces + 1} holes, the one with the pin counted. Turn one way only, and lock the spindle for the cut.`}
                </Words>
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
                    <Words>
                      {`${found.compound.first.holes} spaces of the ${found.compound.first.circle} circle with the pin, then ${Math.abs(found.compound.second.holes)} of the ${found.compound.second.circle} ${found.compound.second.holes > 0 ? 'the same way' : 'back'}, plate and crank together from the back pin.`}
                    </Words>
                  </>
                )}
                {!found.compound && !found.differential && (
                  <Words>
                    Neither compound nor differential dividing makes it with these plates and gears.
                  </Words>
                )}
                <Words role="strong">Near enough?</Words>
                <Words>
                  {`${sayIndexing(found.simple)} No division is off by more than ${formatAngle(found.simple.maxErrorArcsec / 3600, 3)}${at ? `, ${at(found.simple.maxErrorArcsec)}${where}` : ''}; the errors do not add up.`}
                </Words>
                <Words>
                  {`The same move of ${found.simple.stepHoles} holes every time piles up ${formatAngle(Math.abs(found.simple.closingErrorArcsec) / 3600, 2)}${at ? `, ${at(found.simple.closingErrorArcsec)}${where},` : ''} in the last one: do not.`}
                </Words>
              </>
            )}
          </View>
        </Sheet>
      )}
    </AnglesFrame>
  );
}

const styles = sheet({ box: { padding: SPACE.edge, gap: SPACE.near } });
