import type { CutChoice, StockBody } from '@pike-stone/contract';
import {
  chosenWay,
  MACHINE_OPERATIONS,
  material,
  OPERATIONS,
  toolMaterial,
  type OperationKey,
} from '@pike-stone/core';
import { hasChoice } from '@pike-stone/core/choose';
import { rankTools } from '@pike-stone/core/forecast';
import { DRAWBACK_WORDS, groupedOperations } from '@pike-stone/words/picking';
import { MACHINE_WORDS, OPERATION_WORDS, operationName, WAY_WORDS } from '@pike-stone/words';
import { useRouter } from 'expo-router';
import { Fragment } from 'react';
import { View } from 'react-native';
import type { Metals } from '../../data/metals';
import { useRecords, type Shown } from '../../data/records';
import { useRules } from '../../data/rules';
import { Button } from '../../kit/Button';
import { Choice, Tick } from '../../kit/Choice';
import { Panel } from '../../kit/Panel';
import { Row } from '../../kit/Row';
import { Words } from '../../kit/Words';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';
import { useWants } from '../choose/job-wants';
import { weighJob } from '../choose/weigh-job';
import { canCut, doableOn, fits } from './set-up';
import { AnyMetal } from './quick/AnyMetal';
import { AnyTool } from './quick/AnyTool';
import { useQuick } from './quick/quick-store';
import type { Chooser } from './Sentence';
import type { SetUp } from './useCut';

export interface ChooserProps {
  readonly what: Chooser;
  readonly cut: SetUp;
  readonly drawer: {
    readonly machines: readonly Shown<'machines'>[];
    readonly stock: readonly Shown<'stock'>[];
    readonly tools: readonly Shown<'tools'>[];
  };
  readonly metals: Metals;
  readonly onClose: () => void;
}

interface Option {
  readonly id: string;
  readonly title: string;
  readonly about: string;
  /** Title of the group that begins here. */
  readonly heading?: string | undefined;
  /** The one thing against it. */
  readonly against?: string | undefined;
}

const NO_TOOL = 'no tool for it in the drawer yet: add one';
const TITLE = {
  machine: 'On which machine?',
  operation: 'What is to be done?',
  stock: 'In what metal?',
  tool: 'With which tool?',
  conditions: 'Conditions',
} as const;
const open = <R extends { readonly archived: boolean }>(list: readonly R[]) =>
  list.filter((one) => !one.archived);

/** Any metal as a piece of the size that is set up now. */
const pieceOf = (metal: string, name: string, { workDiameterMm }: SetUp['setup']): StockBody => ({
  name,
  metal,
  form: 'round',
  sizeMm: workDiameterMm,
  uncertain: false,
  skinMm: 0,
  note: '',
});

/** One panel for each word of the sentence. */
export function Choosers({ what, cut, drawer, metals, onClose }: ChooserProps) {
  const router = useRouter();
  const { rules } = useRules();
  const { wants } = useWants();
  const { records: supplies } = useRecords('supplies');
  if (what === 'conditions') return <Conditions cut={cut} onClose={onClose} />;
  const { choice, setup } = cut;
  const { takeStock, takeTool } = useQuick.getState();
  const better = what === 'tool' && hasChoice(setup.operation);
  const ranked =
    (better && weighJob(cut, drawer.tools, supplies, wants, rules)?.ranked)
    || rankTools(setup, open(drawer.tools), cut.rules);
  const has = (operation: OperationKey) => open(drawer.tools).some(fits(operation));
  const addTool = () => {
    onClose();
    router.push('/drawer/tools/new');
  };
  const take = (change: Partial<CutChoice>) => {
    cut.change(change);
    onClose();
  };
  const lists: Record<
    Exclude<Chooser, 'conditions'>,
    { options: Option[]; chosen: string; pick: (id: string) => void; add?: string }
  > = {
    machine: {
      options: open(drawer.machines)
        .filter(canCut)
        .map(({ id, body }) => ({
          id,
          title: body.name,
          about:
            doableOn({ body }, drawer).length > 0
              ? `${MACHINE_WORDS[body.kind]}, ${body.condition}, ${body.speeds.length} speeds`
              : NO_TOOL,
        })),
      chosen: choice.machineId,
      pick: (id) => {
        const machine = drawer.machines.find((one) => one.id === id);
        if (machine && doableOn(machine, drawer).length > 0) return take({ machineId: id });
        addTool();
      },
      add: '/drawer?kind=machines',
    },
    operation: {
      options: groupedOperations(MACHINE_OPERATIONS[setup.machine.kind]).flatMap(({ title, operations }) =>
        operations.map((key, i) => ({
          id: key,
          title: operationName(key),
          about: has(key) ? OPERATION_WORDS[key].about : NO_TOOL,
          heading: i === 0 ? title : undefined,
        })),
      ),
      chosen: choice.operation,
      pick: (id) => {
        const operation = MACHINE_OPERATIONS[setup.machine.kind].find((key) => key === id);
        if (operation && has(operation)) return take({ operation });
        addTool();
      },
    },
    stock: {
      options: open(drawer.stock).map(({ id, body }) => ({
        id,
        title: body.name,
        about: `${metals.nameOf(body.metal)}${body.uncertain ? ', not certain' : ''}`,
      })),
      chosen: choice.stockId,
      pick: (stockId) => take({ stockId }),
      add: '/drawer/stock/new',
    },
    tool: {
      options: ranked.map(({ item: { id, body }, drawback }) => ({
        id,
        title: body.name,
        about: toolMaterial(body.material).name,
        against: drawback ? DRAWBACK_WORDS[drawback] : undefined,
      })),
      chosen: choice.toolId,
      pick: (toolId) => take({ toolId }),
      add: '/drawer/tools/new',
    },
  };
  const { options, chosen, pick, add } = lists[what];
  return (
    <Panel
      title={TITLE[what]}
      onClose={onClose}
      footer={
        add ? (
          <Button
            label="Add one in the drawer"
            onPress={() => {
              onClose();
              router.push(add);
            }}
            style={styles.grow}
          />
        ) : undefined
      }
    >
      {better && (
        <View style={styles.pad}>
          <Button
            label="Which would be better?"
            onPress={() => {
              onClose();
              router.navigate('/cut/choose');
            }}
          />
        </View>
      )}
      {options.length === 0 && (
        <Words style={styles.pad}>The drawer has nothing that fits here. Add one.</Words>
      )}
      {options.map((option) => (
        <Fragment key={option.id}>
          {option.heading && (
            <Words role="label" style={styles.heading}>
              {option.heading}
            </Words>
          )}
          <Row
            title={option.title}
            about={[option.about, option.against].filter(Boolean).join(': ')}
            chosen={option.id === chosen}
            quiet={option.against !== undefined}
            onPress={() => pick(option.id)}
          />
        </Fragment>
      ))}
      {what === 'stock' && (
        <AnyMetal onTake={(key, name) => take({ stockId: takeStock(pieceOf(key, name, setup)) })} />
      )}
      {what === 'tool' && (
        <AnyTool
          kind={OPERATIONS[choice.operation].tool}
          taken={setup.tool.name}
          onTake={(tool) => take({ toolId: takeTool(tool) })}
        />
      )}
    </Panel>
  );
}

function Conditions({ cut, onClose }: Pick<ChooserProps, 'cut' | 'onClose'>) {
  const { choice, setup } = cut;
  const metal = material(setup.stock.materialKey);
  const { ways, supported, cutting } = OPERATIONS[setup.operation];
  const way = chosenWay(setup);
  const whichWay = OPERATION_WORDS[setup.operation].ways ?? 'Which way';
  return (
    <Panel
      title={TITLE.conditions}
      onClose={onClose}
      footer={<Button kind="main" label="Done" onPress={onClose} style={styles.grow} />}
    >
      <View style={styles.group}>
        <Words role="label">Cutting fluid</Words>
        <Choice
          says="Cutting fluid"
          value={choice.fluid}
          onChange={(fluid) => cut.change({ fluid })}
          options={[
            { value: 'dry', label: 'Dry' },
            { value: 'brush', label: 'By brush' },
            { value: 'flood', label: 'Flood' },
          ]}
        />
        <Words role="note">
          Usual for this metal: {metal.fluid}. Carbide: dry or flooded all the time, never wetted now and
          then.
        </Words>
      </View>
      {way && (
        <View style={styles.group}>
          <Words role="label">{whichWay}</Words>
          <Choice
            says={whichWay}
            value={way}
            onChange={(chosen) => cut.change({ way: chosen })}
            options={ways.map((value) => ({ value, label: WAY_WORDS[value] }))}
          />
        </View>
      )}
      {supported && (
        <View style={styles.group}>
          <Words role="label">Held by</Words>
          <Choice
            says="Held by"
            value={choice.support}
            onChange={(support) => cut.change({ support })}
            options={[
              { value: 'chuck', label: 'Chuck' },
              { value: 'chuck-and-centre', label: 'Chuck and centre' },
              { value: 'between-centres', label: 'Between centres' },
            ]}
          />
        </View>
      )}
      <View style={styles.group}>
        <Tick
          label="Interrupted"
          about="keyway, cross hole, hexagon, edge of a casting: each entry is a blow"
          value={choice.interrupted}
          onChange={(interrupted) => cut.change({ interrupted })}
        />
        {cutting === 'threading' && (
          <Tick
            label="Runs out"
            about="into a groove or past the end, not toward a shoulder: the carriage may run twice as fast"
            value={choice.runOut ?? false}
            onChange={(runOut) => cut.change({ runOut: runOut || null })}
          />
        )}
        {(cutting === 'turning' || cutting === 'milling') && (
          <Tick
            label="First pass over scale or cast skin"
            about={metal.skin ?? 'this metal has no hard skin as a rule'}
            value={choice.firstPassOnSkin}
            onChange={(firstPassOnSkin) => cut.change({ firstPassOnSkin })}
          />
        )}
      </View>
    </Panel>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  pad: { padding: SPACE.edge },
  heading: { paddingHorizontal: SPACE.edge, paddingTop: SPACE.near },
  group: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.edge, gap: SPACE.close },
});
