import type { ToolBody } from '@pike-stone/contract';
import { type ShortJob } from '@pike-stone/core/wheel';
import { SHORT_JOB_WORDS } from '@pike-stone/words/wheel';
import { View } from 'react-native';
import { newId, save, putBack, useRecords, type Shown } from '../../../data/records';
import { dayOf } from '../../../kit/day';
import { Row } from '../../../kit/Row';
import { Sheet } from '../../../kit/Screen';
import { useUndo } from '../../../kit/Undo';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';

/** Tools of the drawer that a job is for. */
const OF_JOB: Readonly<Record<ShortJob, (body: ToolBody) => boolean>> = {
  drill: ({ kind, material }) =>
    (kind === 'drill' || kind === 'centre-drill') && material !== 'carbide-coated',
  'fly-tip': ({ kind }) => kind === 'fly-cutter',
  brazed: ({ material }) => material === 'brazed-carbide',
  scraper: () => false,
};

/** One touch logs that a tool of the drawer was sharpened; it is sharp from then on. */
export function LogShort({ job }: { job: ShortJob }) {
  const tools = useRecords('tools');
  const { records } = useRecords('sharpenings');
  const say = useUndo((state) => state.say);
  const own = tools.records
    .filter(({ archived, body }) => !archived && OF_JOB[job](body))
    .sort(
      (a, b) =>
        Number(b.body.dull) - Number(a.body.dull)
        || a.body.name.localeCompare(b.body.name, 'en', { numeric: true }),
    );
  const done = records
    .filter(({ archived, body }) => !archived && body.what === job && body.finishedAt !== null)
    .sort((a, b) => b.body.startedAt.localeCompare(a.body.startedAt));
  const log = (tool: Shown<'tools'> | null) => {
    const id = newId();
    const at = new Date().toISOString();
    const body = {
      name: tool?.body.name ?? SHORT_JOB_WORDS[job].name,
      toolId: tool?.id ?? null,
      what: job,
      startedAt: at,
      finishedAt: at,
      wheelId: null,
      endTeeth: null,
      done: [],
      heightsMm: [],
      stockMm: 0,
      volumeMm3: 0,
      lengthAfterMm: null,
      diameterAfterMm: null,
      minutes: null,
      note: '',
    };
    void save('sharpenings', id, 0, body);
    if (tool) void save('tools', tool.id, tool.version, { ...tool.body, dull: false });
    say('Sharpening logged.', () => {
      void save('sharpenings', id, 1, body, true);
      if (tool) void putBack('tools', tool);
    });
  };
  return (
    <>
      <Sheet>
        <View style={styles.box}>
          <Words role="heading">Sharpened: log it</Words>
        </View>
        {own.map((tool) => (
          <Row
            key={tool.id}
            title={tool.body.name}
            about={tool.body.dull ? `dull; ${tool.body.note}` : 'sharp'}
            waiting={tool.waiting}
            onPress={() => log(tool)}
          />
        ))}
        {own.length === 0 && (
          <Row title={SHORT_JOB_WORDS[job].name} about="none in the drawer" onPress={() => log(null)} />
        )}
      </Sheet>
      {done.length > 0 && (
        <Sheet>
          <View style={styles.box} testID="short-log">
            <Words role="heading">Done</Words>
            {done.slice(0, 12).map(({ id, body }) => (
              <Words key={id}>{`${dayOf(body.startedAt)}: ${body.name}`}</Words>
            ))}
          </View>
        </Sheet>
      )}
    </>
  );
}

const styles = sheet({ box: { padding: SPACE.edge, gap: SPACE.close } });
