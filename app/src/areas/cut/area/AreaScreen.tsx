import { isMill, type Tool } from '@pike-stone/core';
import {
  formatFeedRate,
  formatLength,
  formatSpindleSpeed,
  joined,
  operationName,
  type UnitSystem,
  formatTime,
} from '@pike-stone/words';
import { coversArea, type CutterForArea } from '@pike-stone/core/forecast';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, Path, Rect } from 'react-native-svg';
import { draftsNamed } from '../../../data/drafts';
import { useUnits } from '../../../data/preferences';
import { backOr } from '../../../kit/back';
import { Button } from '../../../kit/Button';
import { Caution } from '../../../kit/Caution';
import { Choice } from '../../../kit/Choice';
import { Empty } from '../../../kit/Empty';
import { Keypad } from '../../../kit/Keypad';
import { Screen, Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { themed, useColours } from '../../../theme/theme';
import { SPACE } from '../../../theme/type';
import { NoCut } from '../NoCut';
import { useCutWork } from '../../../workers/cut-work';
import { useCut, type Cut } from '../useCut';

interface AreaJob {
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly depthMm: number;
  readonly pattern: 'one-way' | 'both-ways';
}
/** The face that was asked about last, one for each machine. */
const useAreaJobs = draftsNamed<AreaJob>('pike-area');
const FRESH: AreaJob = { lengthMm: 150, widthMm: 80, depthMm: 1, pattern: 'one-way' };
type Size = 'lengthMm' | 'widthMm' | 'depthMm';
const SIZE_WORDS: Readonly<Record<Size, string>> = {
  lengthMm: 'Length of the face',
  widthMm: 'Width of the face',
  depthMm: 'Depth of the layer',
};

/** Compares all cutters for milling a flat face: strips, path and time, the quickest that the machine can drive first. */
export function AreaScreen() {
  const { cut, drawer, loading, error, refused } = useCut();
  const router = useRouter();
  const back = () => backOr(router, '/cut');
  if (!cut) return <NoCut loading={loading} error={error} refused={refused} />;
  if (!isMill(cut.setup.machine))
    return (
      <Screen title="A flat face" onBack={back}>
        <Empty title="This is for a mill">Choose a mill in the sentence first.</Empty>
      </Screen>
    );
  const tools = drawer.tools.filter(({ archived, body }) => !archived && coversArea(body.kind));
  return <AreaPage cut={cut} tools={tools} back={back} />;
}

function AreaPage({
  cut,
  tools,
  back,
}: {
  cut: Cut;
  tools: readonly { readonly id: string; readonly body: Tool }[];
  back: () => void;
}) {
  const units = useUnits();
  const router = useRouter();
  const { drafts, keep } = useAreaJobs();
  const [editing, setEditing] = useState<Size | null>(null);
  const at = cut.choice.machineId;
  const job = drafts[at] ?? FRESH;
  const length = (mm: number) => joined(formatLength(mm, units));
  const { answer, working } = useCutWork(
    { setup: cut.setup, tools: tools.map(({ body }) => body), rules: cut.rules, area: job },
    (work, { setup, tools: list, rules, area }) => work.compareCutters(setup, list, rules, area),
  );
  const best = answer?.[0];
  const take = (found: CutterForArea) => {
    const tool = tools[found.index];
    if (!tool) return;
    // Operation and tool first, because choosing them clears the sizes that do not fit.
    cut.change({ operation: found.operation });
    cut.change({ toolId: tool.id });
    cut.change({ depthMm: job.depthMm, widthMm: found.area.stepoverMm });
    router.replace('/cut');
  };
  return (
    <Screen
      title="A flat face"
      about={`${cut.setup.stock.name} on the ${cut.setup.machine.name}`}
      onBack={back}
      side={
        <Sheet>
          <View style={styles.group}>
            <Words role="heading">Cutters compared</Words>
            {answer?.length === 0 && (
              <Words>The drawer has no face mill, fly cutter or end mill. Add one.</Words>
            )}
            <View role="list" aria-label="Cutters compared">
              {answer?.map((one, i) => (
                <Cutter key={one.index} found={one} first={i === 0} units={units} onTake={() => take(one)} />
              ))}
            </View>
            {working && <Words role="note">Working it out …</Words>}
          </View>
        </Sheet>
      }
    >
      <View style={styles.pad}>
        <View style={styles.row}>
          {(Object.keys(SIZE_WORDS) as Size[]).map((what) => (
            <Button
              key={what}
              label={`${formatLength(job[what], units).figure} ${{ lengthMm: 'long', widthMm: 'wide', depthMm: 'deep' }[what]}`}
              says={`${SIZE_WORDS[what]} ${length(job[what])}, change`}
              onPress={() => setEditing(what)}
              style={styles.grow}
            />
          ))}
        </View>
        <Choice
          says="Which way"
          value={job.pattern}
          onChange={(pattern) => keep(at, { ...job, pattern })}
          options={[
            { value: 'one-way', label: 'One way' },
            { value: 'both-ways', label: 'Both ways' },
          ]}
        />
        <Words role="note">
          {job.pattern === 'one-way'
            ? 'Each strip against the cutter, the table cranked back: right where the screw has slack.'
            : 'There and back: every second strip climbs. Only with the slack taken out or the table locked down hard.'}
        </Words>
      </View>
      {best && <Strips found={best} job={job} units={units} />}
      <View style={styles.pad}>
        <Words role="note">
          Face mill: quick and flat, wants power and stiffness. Fly cutter: one tooth, little power, the best
          finish by a slow feed, a blow each turn: no skin, no gaps. Small end mill: for weak machines and
          narrow faces, leaves steps between strips.
        </Words>
      </View>
      <Caution level="caution">
        Clamp so that no clamp lies in the way of the whole swing, and stop before you brush the chips off.
      </Caution>
      {editing && (
        <Keypad
          title={SIZE_WORDS[editing]}
          place="area"
          valueMm={job[editing]}
          limits={editing === 'depthMm' ? { lowMm: 0.02, highMm: 50 } : { lowMm: 1, highMm: 3000 }}
          onSet={(mm) => keep(at, { ...job, [editing]: mm })}
          onClose={() => setEditing(null)}
        />
      )}
    </Screen>
  );
}

function Cutter({
  found,
  first,
  units,
  onTake,
}: {
  found: CutterForArea;
  first: boolean;
  units: UnitSystem;
  onTake: () => void;
}) {
  const themedStyles = useStyles();
  const { area } = found;
  return (
    <View role="listitem" style={themedStyles.cutter}>
      <View style={styles.grow}>
        <Words role="strong">{`${found.tool.name}: ${formatTime(60 * area.minutes)}`}</Words>
        <Words role="note">{`${area.passes} ${area.passes === 1 ? 'strip' : 'strips'} of ${joined(formatLength(area.stepoverMm, units))}, ${joined(formatSpindleSpeed(found.rpm))}, ${joined(formatFeedRate(found.feedMmMin, units))}, runs over by ${joined(formatLength(found.overrunMm, units))}`}</Words>
        <Words role={found.within ? 'note' : 'fault'}>
          {found.share === null
            ? 'power of the machine not known'
            : found.within
              ? `${Math.round(found.share * 100)} % of the power of this step${first ? '; the quickest the machine can drive' : ''}`
              : `asks for ${Math.round(found.share * 100)} % of the power: less depth, or a smaller cutter`}
        </Words>
      </View>
      <Button
        label="Take it"
        says={`Take ${found.tool.name}, ${operationName(found.operation)}`}
        onPress={onTake}
      />
    </View>
  );
}

const WIDTH = 340;
const HEIGHT = 170;

/** The face seen from above, with its strips and the path of the cutter. */
function Strips({ found, job, units }: { found: CutterForArea; job: AreaJob; units: UnitSystem }) {
  const c = useColours();
  const { area, tool } = found;
  const scale = Math.min(
    (WIDTH - 90) / (job.lengthMm + tool.diameterMm * 0.6),
    (HEIGHT - 40) / Math.max(job.widthMm, tool.diameterMm),
  );
  const [L, W, R] = [job.lengthMm * scale, job.widthMm * scale, (tool.diameterMm / 2) * scale];
  const [x, y] = [(WIDTH - L) / 2, (HEIGHT - W) / 2];
  const strip = W / area.passes;
  const shown = Math.min(area.passes, 40);
  const lines = Array.from(
    { length: shown },
    (_, i) => `M${x - 14} ${y + strip * (i + 0.5)}H${x + L + 14}`,
  ).join('');
  return (
    <View
      style={styles.pad}
      role="img"
      aria-label={`${job.lengthMm} by ${job.widthMm} in ${area.passes} strips with ${tool.name}`}
    >
      <Svg width="100%" height={HEIGHT} viewBox={`0 0 ${WIDTH} ${HEIGHT}`}>
        <Rect x={x} y={y} width={L} height={W} fill={c.sheet} stroke={c.ink} strokeWidth={1.8} />
        <Path
          d={lines}
          stroke={c.accent}
          strokeWidth={1.2}
          strokeDasharray={job.pattern === 'one-way' ? undefined : '8 3'}
        />
        <Circle
          cx={x - Math.min(R, x - 2) * 0.2}
          cy={y + strip / 2}
          r={R}
          fill={c.wash}
          fillOpacity={0.7}
          stroke={c.ink}
          strokeWidth={1.4}
        />
      </Svg>
      <Words role="note">{`${found.tool.name}: ${area.passes} × ${joined(formatLength(area.travelMm, units))} of way, ${formatTime(60 * area.minutes)} at ${joined(formatFeedRate(found.feedMmMin, units))}.`}</Words>
    </View>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  pad: { paddingHorizontal: SPACE.edge, gap: SPACE.close },
  row: { flexDirection: 'row', gap: SPACE.close, flexWrap: 'wrap' },
  group: { padding: SPACE.edge, gap: SPACE.close },
});
const useStyles = themed((c) =>
  sheet({
    cutter: {
      flexDirection: 'row',
      alignItems: 'center',
      gap: SPACE.near,
      paddingVertical: SPACE.close,
      borderBottomWidth: 1,
      borderBottomColor: c.line,
    },
  }),
);
