import type { RoundBody } from '@pike-stone/contract';
import { capital, formatAngle } from '@pike-stone/words';
import { sayTilt, sayTurn } from '@pike-stone/words/grind';
import {
  LEFT_OUT_WORDS,
  sayFaces,
  sayMinutes,
  sayRest,
  sayRound,
  SET_UP_WORDS,
} from '@pike-stone/words/wheel';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { usePrices } from '../../../data/prices';
import { newId, save, useRecords, type Shown } from '../../../data/records';
import { backOr } from '../../../kit/back';
import { Bar } from '../../../kit/Bar';
import { Button } from '../../../kit/Button';
import { Caution } from '../../../kit/Caution';
import { Tick } from '../../../kit/Choice';
import { Empty, Loading } from '../../../kit/Empty';
import { Row } from '../../../kit/Row';
import { Screen, Sheet } from '../../../kit/Screen';
import { useUndo } from '../../../kit/Undo';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { BigFigures } from '../../grind/steps/StepFigures';
import { finishedItems, finishRound } from './finish-round';
import { begunRound, useRound, type PlannedRound } from './use-round';

type Group = RoundBody['groups'][number];

/** Everything dull in the shop, in the order that changes wheels, rests and set-ups least. */
export function RoundScreen() {
  const { planned, error } = useRound();
  if (!planned) return <Loading error={error} />;
  return planned.going ? <Working round={planned.going} /> : <Proposed planned={planned} />;
}

function Proposed({ planned }: { planned: PlannedRound }) {
  const router = useRouter();
  const prices = usePrices('turning-tool');
  const [id] = useState(newId);
  const { round, work } = planned;
  const body = begunRound(planned);
  const tools = new Set(work.jobs.map(({ of }) => of)).size;
  const minutes = round.changeMin + round.grindMin;
  return (
    <Screen
      title="Sharpening round"
      onBack={() => backOr(router, '/grind')}
      side={<LeftOutList planned={planned} />}
      footer={
        <Button
          kind="main"
          label="Begin the round"
          disabled={tools === 0}
          onPress={() => void save('rounds', id, 0, body)}
          style={styles.grow}
        />
      }
    >
      {tools === 0 ? (
        <Empty title="Nothing dull to grind">
          Say at the machine or in the drawer that a tool is dull: it comes into the next round.
        </Empty>
      ) : (
        <>
          <View style={styles.box} testID="round-says">
            <Words role="big">{sayRound(tools, round.groups.length, round.grindMin, round.changeMin)}</Words>
            <Words role="note">
              {`About ${(minutes * prices.ratePerMin + tools * prices.wheelCostPerGrind).toFixed(2)} in the shop’s money. ${round.exact ? 'No order of these settings takes less.' : 'So many settings: a good order, not proven the shortest.'}`}
            </Words>
          </View>
          {body.groups.map((group, i) => (
            <GroupSheet key={`${group.wheel}${group.setUp}${group.tiltDeg}`} group={group} at={i}>
              {byTool(group).map(([itemId, name, faces]) => (
                <Row key={itemId} title={name} about={sayFaces(faces)} />
              ))}
            </GroupSheet>
          ))}
        </>
      )}
    </Screen>
  );
}

/** The tools of a group, each with its faces. */
function byTool({ jobs }: Group): readonly (readonly [id: string, name: string, faces: readonly string[]])[] {
  const ids = [...new Set(jobs.map(({ itemId }) => itemId))];
  return ids.map((id) => {
    const own = jobs.filter(({ itemId }) => itemId === id);
    return [id, own[0]!.name, own.map(({ face }) => face)];
  });
}

/** The setting of a group, and what is ground at it. */
function GroupSheet({ group, at, children }: { group: Group; at: number; children: React.ReactNode }) {
  return (
    <Sheet>
      <View style={styles.box}>
        <Words role="heading">{`${at + 1}. ${capital(group.wheel)}`}</Words>
        <Words role="strong">
          {[
            SET_UP_WORDS[group.setUp],
            ...(group.setUp === 'rest' ? [sayRest(group.tiltDeg, group.asItStands)] : []),
          ].join(', ')}
        </Words>
        <Words role="note">
          {`${sayMinutes(group.changeMin + group.grindMin)}, ${sayMinutes(group.changeMin)} of them to set up`}
        </Words>
      </View>
      {children}
    </Sheet>
  );
}

function LeftOutList({ planned: { work } }: { planned: PlannedRound }) {
  const router = useRouter();
  if (work.leftOut.length === 0) return null;
  return (
    <Sheet>
      <View style={styles.box}>
        <Words role="heading">Not in the round</Words>
      </View>
      <View testID="left-out">
        {work.leftOut.map(({ id, name, why }) => (
          <Row
            key={id}
            title={name}
            about={LEFT_OUT_WORDS[why]}
            onPress={() => router.push(`/drawer/tools/${id}`)}
          />
        ))}
      </View>
    </Sheet>
  );
}

/** A round that is worked through at the grinder, face by face. */
function Working({ round }: { round: Shown<'rounds'> }) {
  const router = useRouter();
  const tools = useRecords('tools');
  const bits = useRecords('bits');
  const say = useUndo((state) => state.say);
  const { body } = round;
  const jobs = body.groups.flatMap((group) => group.jobs);
  const write = (done: readonly string[]) =>
    void save('rounds', round.id, round.version, { ...body, done: [...done] });
  const finish = () => {
    const sharp = finishedItems(body).length;
    const back = finishRound(round, tools.records, bits.records);
    say(sharp === 1 ? 'One tool is sharp again.' : `${sharp} tools are sharp again.`, back);
  };
  return (
    <Screen
      title="Sharpening round"
      about={`${body.done.length} of ${jobs.length} faces done`}
      onBack={() => backOr(router, '/grind')}
      footer={<Button kind="main" label="End the round" onPress={finish} style={styles.grow} />}
    >
      <View style={styles.box}>
        <Bar share={jobs.length > 0 ? body.done.length / jobs.length : 0} />
      </View>
      {body.groups.map((group, i) => (
        <GroupSheet key={`${group.wheel}${group.setUp}${group.tiltDeg}`} group={group} at={i}>
          {group.tiltDeg !== null && (
            <BigFigures
              shown={[
                {
                  label: 'Rest tilt',
                  figure: formatAngle(Math.abs(group.tiltDeg), 1),
                  about: group.asItStands ? 'as it stands' : sayTilt(group.tiltDeg).replace(/^.*, /, ''),
                },
              ]}
            />
          )}
          <View style={styles.box}>
            {group.jobs.map((job) => (
              <Tick
                key={job.key}
                label={`${job.name}: ${job.face.toLowerCase()}`}
                about={job.turnDeg === null ? undefined : sayTurn({ turnDeg: job.turnDeg })}
                value={body.done.includes(job.key)}
                onChange={(on) =>
                  write(on ? [...body.done, job.key] : body.done.filter((key) => key !== job.key))
                }
              />
            ))}
          </View>
          {group.setUp === 'end-teeth'
            && group.jobs.map((job) => (
              <Row
                key={job.key}
                title="Set-up and steps"
                about={job.name}
                onPress={() => router.push(`/grind/sharpen/${job.itemId}`)}
              />
            ))}
        </GroupSheet>
      ))}
      <Caution level="note">
        What is done wholly is sharp again when the round ends; the rest stays dull. Rests are set with the
        wheel standing still.
      </Caution>
    </Screen>
  );
}

const styles = sheet({ grow: { flex: 1 }, box: { padding: SPACE.edge, gap: SPACE.close } });
