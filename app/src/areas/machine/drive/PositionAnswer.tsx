import { type MachineOf } from '@pike-stone/contract';
import { shaperSpeed, surfaceSpeed, type SpeedStep } from '@pike-stone/core';
import {
  formatLength,
  formatPower,
  formatSpindleSpeed,
  formatSurfaceSpeed,
  formatTorque,
  formatUncertainty,
  joined,
} from '@pike-stone/words';
import { type driveTorque } from '@pike-stone/core/drive';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Button } from '../../../kit/Button';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';

interface PositionAnswerProps {
  readonly words: string;
  readonly rpm: number;
  readonly step: SpeedStep | undefined;
  readonly unit: string;
  readonly diameterMm: number;
  readonly onDiameter: () => void;
  readonly shaper: MachineOf<'shaper'> | null;
  readonly torque: ReturnType<typeof driveTorque> | null;
}

/** Speed, torque and surface speed at the position in use. */
export function PositionAnswer({
  words,
  rpm,
  step,
  unit,
  diameterMm,
  onDiameter,
  shaper,
  torque,
}: PositionAnswerProps) {
  const units = useUnits();
  return (
    <View style={styles.group}>
      <View style={styles.line}>
        <Words role="big">
          {formatSpindleSpeed(rpm).figure}
          <Words role="quiet"> {unit}</Words>
        </Words>
        <Words style={styles.grow}>{words}</Words>
        <Words role="note">{sayKnown(step)}</Words>
      </View>
      {torque ? (
        <Words>{`${joined(formatTorque(torque.torqueNm, units))} at the ${shaper ? 'crank' : 'spindle'}, ${joined(formatPower(torque.powerKw, units))}; ${torque.limit === 'belt-slip' ? 'then the belt slips' : 'all the motor gives'}`}</Words>
      ) : (
        <Words role="note">Give the motor its power below to see the torque.</Words>
      )}
      <View style={styles.line}>
        <Button
          label={`${shaper ? 'Stroke ' : '⌀'}${joined(formatLength(diameterMm, units))}`}
          says={`${shaper ? 'Stroke' : 'Diameter'} ${joined(formatLength(diameterMm, units))}, change`}
          onPress={onDiameter}
        />
        <Words>
          {shaper ? 'cuts at ' : 'runs at '}
          <Words role="strong">
            {joined(
              formatSurfaceSpeed(
                shaper
                  ? shaperSpeed(rpm, diameterMm, shaper.returnRatio, 'crank', shaper.limits?.strokeMm)
                      .meanCuttingMPerMin
                  : surfaceSpeed(rpm, diameterMm),
                units,
              ),
            )}
          </Words>
        </Words>
      </View>
    </View>
  );
}

const sayKnown = (step: SpeedStep | undefined): string =>
  step?.measured
    ? `measured ${formatUncertainty(step.measured.uRel)}`
    : step?.computed
      ? `computed ${formatUncertainty(step.computed.uRel)}`
      : '';

const styles = sheet({
  grow: { flex: 1 },
  group: { padding: SPACE.edge, gap: SPACE.close },
  line: { flexDirection: 'row', alignItems: 'baseline', gap: SPACE.near, flexWrap: 'wrap' },
});
