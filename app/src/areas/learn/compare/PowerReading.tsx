import type { ComparisonBody } from '@pike-stone/contract';
import { isBelowSight, median, spoiltTrace } from '@pike-stone/core/compare';
import { BELOW_SIGHT, NO_CUT_SEEN, saySpoilt } from '@pike-stone/words/learn';
import { useState } from 'react';
import { View } from 'react-native';
import { useInstrument, useInstruments, type Stream } from '../../../data/instruments';
import { Button } from '../../../kit/Button';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { useCutWork } from '../../../workers/cut-work';
import { useFigures } from '../../figures/useFigures';
import { StreamState } from '../../machine/instruments/Live';
import { LevelTrace } from './LevelTrace';
import { powerOf } from './reading';
import type { Side } from './sides';

/** What is kept of the stream, s: a trace that is longer is read from its end. */
const KEPT_S = 30;
/** A clamp's own steps: start-up, a motor that is off, the shortest level. */
const SKIP_S = 0;
const OFF_BELOW_A = 0.2;
const MIN_PLATEAU_S = 1;
/** Readings of a trace before it is looked at. */
const ENOUGH = 30;
/** Time between two readings of a trace that has too few to tell, s. */
const USUAL_STEP_S = 0.1;
const CANNOT_BE = 'These two currents cannot be: look at volts and power factor.';

export interface PowerTaken {
  readonly value: number;
  readonly idleA: number;
  readonly cutA: number;
}

interface PowerReadingProps {
  readonly body: ComparisonBody;
  readonly side: Side;
  /** Current that a simulated ammeter should show in the cut, A. */
  readonly near: number | null;
  readonly onTake: (taken: PowerTaken) => void;
}

/** Reads idle and cutting current from the clamp ammeter, or as typed. */
export function PowerReading(props: PowerReadingProps) {
  const { data } = useInstruments();
  const isThere = data?.instruments.some(({ kind }) => kind === 'ammeter') ?? false;
  return (
    <>
      {isThere && <FromAmmeter {...props} />}
      <Typed {...props} />
    </>
  );
}

function FromAmmeter({ body, side, near, onTake }: PowerReadingProps) {
  const [recording, setRecording] = useState(false);
  const [held, setHeld] = useState<Stream | null>(null);
  const live = useInstrument('ammeter', near, KEPT_S, recording);
  const stream = held ?? live;
  const trace = stream.readings.flatMap(({ t, value }) => (value === null ? [] : [{ t, value }]));
  const currentA = trace.map(({ value }) => value);
  const span = trace.length > 1 ? trace.at(-1)!.t - trace[0]!.t : 0;
  const { resolutionA, topA } = body.gauge;
  const spoilt = spoiltTrace(currentA, topA);
  const question =
    held && spoilt === null && trace.length >= ENOUGH
      ? {
          // Lost lines leave gaps: the readings are taken as evenly spaced as they mostly are.
          sampleS: usualStep(trace.map(({ t }) => t)),
          currentA,
          resolutionA,
          skipS: SKIP_S,
          offBelowA: OFF_BELOW_A,
          minPlateauS: MIN_PLATEAU_S,
        }
      : null;
  const { answer: found, working, fault } = useCutWork(question, (work, asked) => work.readTrace(asked));
  const isRead = question !== null && !working && found !== null;
  const cutA = isRead ? found.cutA : null;
  const power = isRead && cutA !== null ? powerOf(body, side, found.idleA, cutA) : null;
  const record = () => {
    setHeld(null);
    setRecording(true);
  };
  const stop = () => {
    setHeld(live);
    setRecording(false);
  };
  return (
    <View style={styles.box}>
      <Words role="label">Clamp ammeter</Words>
      {(recording || held) && <StreamState stream={stream} held={held !== null} />}
      {currentA.length > 1 && <LevelTrace currentA={currentA} found={isRead ? found : null} />}
      {recording ? (
        <Button
          label={trace.length < ENOUGH ? `Recording, ${span.toFixed(0)} s …` : `Stop, ${span.toFixed(0)} s`}
          disabled={trace.length < ENOUGH}
          onPress={stop}
        />
      ) : (
        <Button label={held ? 'Record again' : 'Record: idle, then the cut'} onPress={record} />
      )}
      {held && spoilt !== null && <Words role="fault">{saySpoilt(spoilt)}</Words>}
      {held && trace.length < ENOUGH && spoilt === null && (
        <Words role="fault">Too short: three seconds at least.</Words>
      )}
      {fault !== null && <Words role="fault">{fault}</Words>}
      {isRead && cutA === null && <Words role="fault">{NO_CUT_SEEN}</Words>}
      {isRead && cutA !== null && (
        <>
          <Words role="strong">{`Idle ${found.idleA.toFixed(2)} A, cut ${cutA.toFixed(2)} A`}</Words>
          {isBelowSight(found.idleA, cutA, resolutionA) ? (
            <Words role="fault">{BELOW_SIGHT}</Words>
          ) : power === null ? (
            <Words role="fault">{CANNOT_BE}</Words>
          ) : (
            <Button
              kind="main"
              label={`Take ${Math.round(power)} W`}
              onPress={() => {
                onTake({ value: power, idleA: found.idleA, cutA });
                setHeld(null);
              }}
            />
          )}
        </>
      )}
    </View>
  );
}

/** Usual time between two readings, s. */
const usualStep = (times: readonly number[]): number =>
  median(times.slice(1).map((t, i) => t - times[i]!)) || USUAL_STEP_S;

function Typed({ body, side, onTake }: PowerReadingProps) {
  const amps = { kind: 'number', low: 0.01, high: 1_000 } as const;
  const figures = useFigures<'idle' | 'cut'>([
    { key: 'idle', label: 'Current at idle (A)', ...amps },
    { key: 'cut', label: 'Current in the cut (A)', ...amps },
  ]);
  const [fault, setFault] = useState<string | null>(null);
  const take = () => {
    const read = figures.take();
    if (!read) return;
    const [idleA, cutA] = [read.idle[0]!, read.cut[0]!];
    if (cutA <= idleA) return setFault('The current in the cut must be above that at idle.');
    const power = powerOf(body, side, idleA, cutA);
    if (power === null) return setFault(CANNOT_BE);
    if (isBelowSight(idleA, cutA, body.gauge.resolutionA)) return setFault(BELOW_SIGHT);
    setFault(null);
    figures.set('cut', '');
    onTake({ value: power, idleA, cutA });
  };
  return (
    <View style={styles.box}>
      <Words role="label">Or typed</Words>
      <View style={styles.row}>{figures.boxes}</View>
      {fault && <Words role="fault">{fault}</Words>}
      <Button label="Take the typed reading" onPress={take} />
    </View>
  );
}

const styles = sheet({
  box: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.near, gap: SPACE.close },
  row: { flexDirection: 'row', gap: SPACE.close },
});
