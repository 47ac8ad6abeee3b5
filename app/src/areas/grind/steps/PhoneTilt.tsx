import { formatAngle } from '@pike-stone/words';
import { useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Words } from '../../../kit/Words';
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

/** The phone as a level: laid on the tool rest, its top to the wheel, it reads the rest's tilt. */
export function PhoneTilt({ wantedDeg }: { wantedDeg: number | null }) {
  const deg = useDeviceTilt();
  if (deg === null || wantedDeg === null) return null;
  return (
    <View style={styles.pad}>
      <Words role="heading">This phone on the rest</Words>
      <Words>
        {`Lay it flat on the rest, its top to the wheel, the wheel standing still: it reads ${formatAngle(deg, 1)}, wanted ${formatAngle(wantedDeg, 1)}.`}
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({
  pad: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.edge, gap: SPACE.hair },
});
