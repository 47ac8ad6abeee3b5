import type { MachineOf } from '@pike-stone/contract';
import {
  formatFeedPerTurn,
  formatLength,
  joined,
  type UnitSystem,
  pitchOf,
  wantedPitch,
} from '@pike-stone/words';
import { fitsBanjo, threadPitch, type GearChoice } from '@pike-stone/core/drive';
import { useState } from 'react';
import { View } from 'react-native';
import { draftsNamed } from '../../../data/drafts';
import { useUnits } from '../../../data/preferences';
import { Button } from '../../../kit/Button';
import { Caution } from '../../../kit/Caution';
import { Choice, Tick } from '../../../kit/Choice';
import { Empty } from '../../../kit/Empty';
import { Panel } from '../../../kit/Panel';
import { Row } from '../../../kit/Row';
import { Screen, Sheet } from '../../../kit/Screen';
import { TextBox } from '../../../kit/TextBox';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { useWorked } from '../../../workers/machine-work';
import { machinePage, useKeepMachine, type MachinePageProps } from '../MachinePage';
import { BanjoPanel } from './BanjoPanel';
import { TrainDrawing, type Place } from './TrainDrawing';

type Banjo = NonNullable<MachineOf<'lathe'>['banjo']>;
interface BanjoDraft {
  readonly version: number;
  readonly banjo: Banjo;
}
const useBanjoDrafts = draftsNamed<BanjoDraft>('pike-banjo-drafts');

/** Feeds that differ by less than this share are the same feed. */
const SAME_FEED = 0.005;
const FRESH_BANJO: Banjo = {
  leadscrewPitchMm: 3.175,
  fixedRatio: 1,
  feedRatio: 0.1,
  owned: [20, 25, 30, 35, 40, 45, 50, 55, 60, 65],
  drivers: [20],
  driven: [60],
};

/** Change gears of a lathe: the pitch and feed of those on it, and the gears to put on for a wanted pitch. */
export const GearsScreen = machinePage(function Gears({ record, back }: MachinePageProps) {
  return record.body.kind === 'lathe' ? (
    <Train record={record as LatheRecord} back={back} />
  ) : (
    <Empty title="No change gears here" action={<Button label="Back" onPress={back} />}>
      Only a lathe has them.
    </Empty>
  );
});

type LatheRecord = MachinePageProps['record'] & { readonly body: MachineOf<'lathe'> };

function Train({ record, back }: { record: LatheRecord; back: () => void }) {
  const machine = record.body;
  const units = useUnits();
  const keep = useKeepMachine(record);
  const { drafts, keep: note, drop } = useBanjoDrafts();
  const [begun] = useState<BanjoDraft>({ version: record.version, banjo: machine.banjo ?? FRESH_BANJO });
  const { banjo, version } = drafts[record.id] ?? begun;
  const [place, setPlace] = useState<Place | null>(null);
  const [asking, setAsking] = useState(!machine.banjo && !drafts[record.id]);
  const change = (next: Partial<Banjo>) => note(record.id, { version, banjo: { ...banjo, ...next } });
  const pitchMm = threadPitch(banjo.leadscrewPitchMm, banjo, banjo.fixedRatio);
  const feedMm = pitchMm * banjo.feedRatio;
  const setting = sayTrain(banjo);
  const put = async (withFeed: boolean) => {
    const feeds = withFeed
      ? [
          ...machine.feeds.filter(({ value }) => Math.abs(value / feedMm - 1) > SAME_FEED),
          { value: Number(feedMm.toPrecision(4)), setting: `Gears ${setting}`.slice(0, 60) },
        ].sort((a, b) => a.value - b.value)
      : machine.feeds;
    if (
      !(await keep(
        { ...machine, banjo, feeds },
        withFeed ? 'The feed is in the list of the carriage.' : 'The lathe knows its gears.',
        version,
      ))
    )
      return;
    drop(record.id);
    back();
  };
  const fits = fitsBanjo(banjo);
  const twice = [...banjo.drivers, ...banjo.driven].some(
    (teeth, _, all) =>
      all.filter((other) => other === teeth).length > banjo.owned.filter((other) => other === teeth).length,
  );
  return (
    <Screen
      title="Change gears"
      about={machine.name}
      onBack={back}
      side={<Search banjo={banjo} units={units} onTake={change} />}
      footer={
        <>
          <Button
            label="Feed into the list"
            says="Put this feed into the list of carriage feeds"
            onPress={() => void put(true)}
            style={styles.grow}
          />
          <Button kind="main" label="Keep the gears" onPress={() => void put(false)} style={styles.grow} />
        </>
      }
    >
      <TrainDrawing drivers={banjo.drivers} driven={banjo.driven} onGear={setPlace} />
      <Sheet>
        <View style={styles.group}>
          <Words role="big">{pitchOf(pitchMm, units)}</Words>
          <Words>{`Thread pitch with ${setting}; carriage feed ${joined(formatFeedPerTurn(feedMm, units))}`}</Words>
          <Words role="note">{`Leadscrew ${pitchOf(banjo.leadscrewPitchMm, units)} × ${banjo.fixedRatio} × ${banjo.drivers.join(' × ')} ÷ ${banjo.driven.join(' ÷ ')}; idlers only turn the sense.`}</Words>
          {!fits && (
            <Words role="fault">
              These gears may not reach each other on the banjo: the first pair must clear the second stud by
              15 teeth, and the second the first.
            </Words>
          )}
          {twice && <Words role="fault">One of these gears is not in your set, or is there only once.</Words>}
          <Choice
            says="Pairs of gears"
            value={String(banjo.drivers.length)}
            onChange={(count) =>
              change(
                count === '1'
                  ? { drivers: banjo.drivers.slice(0, 1), driven: banjo.driven.slice(0, 1) }
                  : { drivers: [...banjo.drivers, spare(banjo)], driven: [...banjo.driven, spare(banjo)] },
              )
            }
            options={[
              { value: '1', label: 'One pair' },
              { value: '2', label: 'Two pairs' },
            ]}
          />
          <Button label="Leadscrew and gears owned" onPress={() => setAsking(true)} />
        </View>
        <Caution level="caution">Isolate before touching change gears; cover shut before the switch.</Caution>
      </Sheet>
      {place && (
        <Panel title="Gear in this place" onClose={() => setPlace(null)}>
          {[...new Set(banjo.owned)].map((teeth) => (
            <Row
              key={teeth}
              title={`${teeth} teeth`}
              chosen={banjo[place.side][place.pair] === teeth}
              onPress={() => {
                change({ [place.side]: banjo[place.side].map((one, i) => (i === place.pair ? teeth : one)) });
                setPlace(null);
              }}
            />
          ))}
        </Panel>
      )}
      {asking && (
        <BanjoPanel
          banjo={banjo}
          onClose={() => setAsking(false)}
          onSet={(next) => {
            change(next);
            setAsking(false);
          }}
        />
      )}
    </Screen>
  );
}

/** A gear of the set that is not on the banjo. */
const spare = (banjo: Banjo): number =>
  banjo.owned.find((teeth) => ![...banjo.drivers, ...banjo.driven].includes(teeth)) ?? banjo.owned[0]!;
const sayTrain = ({ drivers, driven }: Pick<GearChoice, 'drivers' | 'driven'>): string =>
  drivers.map((teeth, i) => `${teeth}:${driven[i]}`).join(' and ');

/** Finds gears of the set for a wanted pitch. */
function Search({
  banjo,
  units,
  onTake,
}: {
  banjo: Banjo;
  units: UnitSystem;
  onTake: (next: Partial<Banjo>) => void;
}) {
  const [text, setText] = useState('');
  const [mustFit, setMustFit] = useState(true);
  const wanted = text.trim() === '' ? null : wantedPitch(text, units);
  const question = wanted?.mm
    ? {
        screw: banjo.leadscrewPitchMm,
        gears: banjo.owned,
        mm: wanted.mm,
        fixedRatio: banjo.fixedRatio,
        mustFit,
      }
    : null;
  const { answer, working } = useWorked(question, (work, asked) =>
    work.changeGearSearch(asked.screw, asked.gears, asked.mm, {
      fixedRatio: asked.fixedRatio,
      mustFit: asked.mustFit,
    }),
  );
  return (
    <Sheet>
      <View style={styles.group}>
        <Words role="heading">Gears for a thread</Words>
        <TextBox
          label={units === 'mm' ? 'Pitch: 1.25, or 20 tpi' : 'Threads per inch: 20, or 1.25 mm'}
          figures
          value={text}
          onChange={setText}
          fault={wanted?.fault}
        />
        <Tick
          label="Must fit the banjo"
          about="the usual rule of practice for compound gears"
          value={mustFit}
          onChange={setMustFit}
        />
        {question && !working && answer && (
          <>
            <Words>
              <Words role="strong">{sayTrain(answer)}</Words>
              {` gives ${pitchOf(answer.pitchMm, units)}`}
            </Words>
            <Words role={Math.abs(answer.errorPpm) > 200 ? 'fault' : 'note'}>{sayError(answer, units)}</Words>
            <Button
              label="Put these on"
              onPress={() => onTake({ drivers: [...answer.drivers], driven: [...answer.driven] })}
            />
          </>
        )}
        {question && !working && !answer && <Words role="fault">No gears of the set fit the banjo.</Words>}
      </View>
    </Sheet>
  );
}

function sayError({ errorPpm }: GearChoice, units: UnitSystem): string {
  const off =
    Math.abs(errorPpm) < 0.5
      ? 'Exact.'
      : `${errorPpm > 0 ? '+' : '−'}${Math.abs(errorPpm).toFixed(0)} ppm: ${joined(formatLength(Math.abs(errorPpm) / 10_000, units))} over ${units === 'mm' ? '100 mm' : '3.937 in'}.`;
  return Math.abs(errorPpm) > 200
    ? `${off} A long nut will notice; add gears, 127 teeth for the other system.`
    : `${off} No nut of normal length notices; the wear of the leadscrew is usually larger.`;
}

const styles = sheet({ grow: { flex: 1 }, group: { padding: SPACE.edge, gap: SPACE.close } });
