import { handFeed } from '@pike-stone/core';
import { formatSeconds, joined, WHEEL_WORDS } from '@pike-stone/words';
import { pace } from '@pike-stone/core/forecast';
import { useRouter } from 'expo-router';
import { useEffect, useRef, useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Path } from 'react-native-svg';
import { backOr } from '../../../kit/back';
import { Button } from '../../../kit/Button';
import { Caution } from '../../../kit/Caution';
import { Tick } from '../../../kit/Choice';
import { Empty } from '../../../kit/Empty';
import { useKeys } from '../../../kit/keys';
import { Screen, Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { useColours } from '../../../theme/theme';
import { SPACE } from '../../../theme/type';
import { NoCut } from '../NoCut';
import { useCut } from '../useCut';

/** A dial that turns as fast as the handwheel should be wound, with a beat. */
export function PacerScreen() {
  const { cut, loading, error, refused } = useCut();
  const router = useRouter();
  const back = () => backOr(router, '/cut');
  if (!cut) return <NoCut loading={loading} error={error} refused={refused} />;
  const { setting, mmMin } = cut.plan.feed;
  if (setting.how !== 'hand')
    return (
      <Screen title="Pacer" onBack={back}>
        <Empty title="This feed has a lever">
          The machine feeds by itself here; the pacer is for winding by hand.
        </Empty>
      </Screen>
    );
  return (
    <Screen
      title="Pacer"
      about={`${WHEEL_WORDS[setting.wheel]}, one turn in ${joined(formatSeconds(setting.secondsPerTurn))}`}
      onBack={back}
    >
      <Pacer
        secondsPerTurn={setting.secondsPerTurn}
        mmMin={mmMin}
        travelPerTurnMm={setting.travelPerTurnMm}
        divisions={setting.divisions}
      />
    </Screen>
  );
}

interface PacerProps {
  readonly secondsPerTurn: number;
  readonly mmMin: number;
  readonly travelPerTurnMm: number;
  readonly divisions: number;
}

function Pacer({ secondsPerTurn, mmMin, travelPerTurnMm, divisions }: PacerProps) {
  const [began, setBegan] = useState<number | null>(null);
  const [sound, setSound] = useState(false);
  const [now, setNow] = useState(0);
  const { divisions: each, beatS } = pace(handFeed(mmMin, travelPerTurnMm, divisions), divisions);
  const passed = began === null ? 0 : (now - began) / 1000;
  const beat = Math.floor(passed / beatS);
  const still = typeof matchMedia === 'function' && matchMedia('(prefers-reduced-motion: reduce)').matches;
  // Under reduced motion the hand steps from beat to beat.
  const turns = (still ? beat * beatS : passed) / secondsPerTurn;
  useEffect(() => {
    if (began === null) return;
    let frame = requestAnimationFrame(function draw() {
      setNow(performance.now());
      frame = requestAnimationFrame(draw);
    });
    return () => cancelAnimationFrame(frame);
  }, [began]);
  useTicks(sound && began !== null, beat);
  const press = () => {
    const at = performance.now();
    setNow(at);
    setBegan(began === null ? at : null);
  };
  useKeys({ ' ': press });
  return (
    <>
      <Sheet>
        <View style={styles.middle}>
          <Dial turns={turns} divisions={divisions} onBeat={began !== null && passed - beat * beatS < 0.12} />
          <Words role="big" aria-live="off">
            {each === divisions
              ? 'One whole turn each beat'
              : `${each} ${each === 1 ? 'division' : 'divisions'} each beat`}
          </Words>
          <Words role="note">{`a beat every ${beatS.toFixed(2)} s; ${Math.floor(turns)} ${Math.floor(turns) === 1 ? 'turn' : 'turns'} so far`}</Words>
        </View>
        <View style={styles.pad}>
          <Button kind="main" label={began === null ? 'Start' : 'Stop'} onPress={press} />
          <Tick label="With a tick" about="a short click at each beat" value={sound} onChange={setSound} />
          <Words role="note">
            A hand winds within about 20 %: the chip was planned for that. Keep the wheel moving; a stop in
            the cut rubs.
          </Words>
        </View>
        <Caution level="caution">
          Eyes on the cutter, not on the screen: listen, or glance. Stop winding before you reach for
          anything.
        </Caution>
      </Sheet>
    </>
  );
}

const SIZE = 260;
const R = 112;

function Dial({ turns, divisions, onBeat }: { turns: number; divisions: number; onBeat: boolean }) {
  const c = useColours();
  const angle = 2 * Math.PI * turns - Math.PI / 2;
  const [x, y] = [SIZE / 2 + (R - 26) * Math.cos(angle), SIZE / 2 + (R - 26) * Math.sin(angle)];
  const marks = Math.min(divisions, 100);
  return (
    <Svg width={SIZE} height={SIZE} role="img" aria-label="Dial turning at the pace to wind">
      <Circle
        cx={SIZE / 2}
        cy={SIZE / 2}
        r={R}
        fill={onBeat ? c.wash : c.ground}
        stroke={onBeat ? c.accent : c.ink}
        strokeWidth={onBeat ? 6 : 2}
      />
      {Array.from({ length: marks }, (_, i) => {
        const at = (2 * Math.PI * i) / marks;
        const long = i % (marks / 10) < 1 ? 14 : 7;
        return (
          <Line
            key={i}
            x1={SIZE / 2 + R * Math.sin(at)}
            y1={SIZE / 2 - R * Math.cos(at)}
            x2={SIZE / 2 + (R - long) * Math.sin(at)}
            y2={SIZE / 2 - (R - long) * Math.cos(at)}
            stroke={c.quiet}
            strokeWidth={long > 7 ? 2 : 1}
          />
        );
      })}
      <G>
        <Path d={`M${SIZE / 2} ${SIZE / 2}L${x} ${y}`} stroke={c.accent} strokeWidth={5} />
        <Circle cx={x} cy={y} r={11} fill={c.accent} />
        <Circle cx={SIZE / 2} cy={SIZE / 2} r={6} fill={c.ink} />
      </G>
    </Svg>
  );
}

/** A click at each new beat. */
function useTicks(on: boolean, beat: number): void {
  const audio = useRef<AudioContext | null>(null);
  useEffect(() => {
    if (!on) return;
    audio.current ??= new AudioContext();
    const { currentTime, destination } = audio.current;
    const [tone, gain] = [audio.current.createOscillator(), audio.current.createGain()];
    tone.frequency.value = 1_400;
    gain.gain.setValueAtTime(0.25, currentTime);
    gain.gain.exponentialRampToValueAtTime(0.001, currentTime + 0.04);
    tone.connect(gain).connect(destination);
    tone.start(currentTime);
    tone.stop(currentTime + 0.05);
  }, [on, beat]);
  useEffect(() => () => void audio.current?.close(), []);
}

const styles = sheet({
  middle: { alignItems: 'center', padding: SPACE.edge, gap: SPACE.hair },
  pad: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.near, gap: SPACE.close },
});
