import { formatAngle } from '@pike-stone/words';
import { sayPhoneTilt } from '@pike-stone/words/grind';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../../kit/Button';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';

/** Tilt of the device along its long side, degrees; null while it has no such sensor. */
function useDeviceTilt(): number | null {
  const [deg, setDeg] = useState<number | null>(null);
  useEffect(() => {
    const read = (event: DeviceOrientationEvent) => {
      if (event.beta !== null) setDeg(event.beta);
    };
    window.addEventListener('deviceorientation', read);
    return () => window.removeEventListener('deviceorientation', read);
  }, []);
  return deg;
}

interface PhoneTiltProps {
  /** Tilt of the rest that the step wants; null where it is not held on the rest. */
  readonly wantedDeg: number | null;
  /** What the face comes out at with the rest at a tilt. */
  readonly readingAt: (tiltDeg: number) => number | null;
  readonly onTake: (deg: number) => void;
}

/** The phone as a level: laid on the tool rest, its top to the wheel, it reads the rest's tilt. */
export function PhoneTilt({ wantedDeg, readingAt, onTake }: PhoneTiltProps) {
  const tiltDeg = useDeviceTilt();
  if (tiltDeg === null || wantedDeg === null) return null;
  const deg = readingAt(tiltDeg);
  return (
    <View style={styles.pad}>
      <Words role="heading">This phone on the rest</Words>
      <Words>{sayPhoneTilt(tiltDeg, wantedDeg)}</Words>
      {deg !== null && (
        <Button
          label={`Take it: the face comes out at ${formatAngle(deg, 1)}`}
          onPress={() => onTake(tenths(deg))}
        />
      )}
    </View>
  );
}

const tenths = (deg: number): number => Math.round(deg * 10) / 10;

const styles = sheet({ pad: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.edge, gap: SPACE.close } });
