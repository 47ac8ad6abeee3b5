import type { CutChoice } from '@pike-stone/contract';
import {
  cutWay,
  MACHINE_OPERATIONS,
  MACHINE_WORDS,
  operationName,
  OPERATIONS,
  supported,
  toolMaterial,
  waysOf,
  type Operation,
} from '@pike-stone/core';
import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import type { Metals } from '../../data/metals';
import type { Shown } from '../../data/records';
import { Button } from '../../kit/Button';
import { Choice, Tick } from '../../kit/Choice';
import { Panel } from '../../kit/Panel';
import { Row } from '../../kit/Row';
import { Words } from '../../kit/Words';
import { SPACE } from '../../theme/type';
import { canCut, fits } from './draft';
import { WAY_WORDS, type Chooser } from './Sentence';
import type { Cut } from './useCut';

export interface ChooserProps {
  readonly what: Chooser;
  readonly cut: Cut;
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
}

const ABOUT_OPERATION: Readonly<Record<Operation, string>> = {
  turn: 'outside, along the bar',
  face: 'across the end, toward the centre',
  drill: 'the drill sets the speed',
  'mill-side': 'along an edge with the side of the cutter',
  shoulder: 'along the bar to a square step',
  'centre-drill': 'a 60° seat for a centre, or a start for a drill',
  groove: 'straight in, between two walls',
  thread: 'by the leadscrew, pass by pass',
  knurl: 'a grip pressed into the rim',
  form: 'straight in, with the whole form at once',
  chamfer: 'break the edge at an angle',
  taper: 'by the compound slide, the tailstock or an offset centre',
  file: 'marks off, edges broken, by hand',
  plunge: 'straight down with an end mill',
  ramp: 'down at a slope into a pocket',
  'fly-cut': 'a broad flat with one tooth',
  saw: 'a thin cut, or through',
  'mill-bore': 'a true hole with the boring head',
  'form-mill': 'a profile or a gear tooth',
  't-slot': 'under a neck slot',
  dovetail: 'a slanted way',
  bore: 'inside, along the hole',
  ream: 'a hole to size',
  part: 'cut the piece off',
  shape: 'a flat, stroke by stroke',
  'mill-slot': 'full width of the cutter',
  'face-mill': 'a flat with inserts',
};
const TITLE = {
  machine: 'On which machine?',
  operation: 'What is to be done?',
  stock: 'In what metal?',
  tool: 'With which tool?',
  conditions: 'Conditions',
} as const;
const open = <R extends { readonly archived: boolean }>(list: readonly R[]) =>
  list.filter((one) => !one.archived);

/** One panel for each word of the sentence. */
export function Choosers({ what, cut, drawer, metals, onClose }: ChooserProps) {
  const router = useRouter();
  if (what === 'conditions') return <Conditions cut={cut} onClose={onClose} />;
  const { choice, setup } = cut;
  const has = (operation: Operation) => open(drawer.tools).some(fits(operation));
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
          about: `${MACHINE_WORDS[body.kind]}, ${body.condition}, ${body.speeds.length} speeds`,
        })),
      chosen: choice.machineId,
      pick: (machineId) => take({ machineId }),
      add: '/drawer?kind=machines',
    },
    operation: {
      options: MACHINE_OPERATIONS[setup.machine.kind].map((key) => ({
        id: key,
        title: operationName(key),
        about: has(key) ? ABOUT_OPERATION[key] : 'no tool for it in the drawer yet: add one',
      })),
      chosen: choice.operation,
      pick: (operation) =>
        has(operation as Operation)
          ? take({ operation: operation as Operation })
          : (onClose(), router.push('/drawer/tools/new')),
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
      options: open(drawer.tools)
        .filter(fits(choice.operation))
        .map(({ id, body }) => ({
          id,
          title: body.name,
          about: `${toolMaterial(body.material).name}${body.dull ? ', dull' : ''}`,
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
      {options.length === 0 && (
        <Words style={styles.pad}>The drawer has nothing that fits here. Add one.</Words>
      )}
      {options.map((option) => (
        <Row
          key={option.id}
          title={option.title}
          about={option.about}
          chosen={option.id === chosen}
          onPress={() => pick(option.id)}
        />
      ))}
    </Panel>
  );
}

function Conditions({ cut, onClose }: { cut: Cut; onClose: () => void }) {
  const { choice, setup, plan } = cut;
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
          Usual for this metal: {plan.metal.fluid}. Carbide: dry or flooded all the time, never wetted now and
          then.
        </Words>
      </View>
      {waysOf(setup.operation).length > 0 && (
        <View style={styles.group}>
          <Words role="label">
            {setup.operation === 'taper' ? 'How the taper is turned' : 'Which thread'}
          </Words>
          <Choice
            says={setup.operation === 'taper' ? 'How the taper is turned' : 'Which thread'}
            value={cutWay(setup)}
            onChange={(way) => cut.change({ way })}
            options={waysOf(setup.operation).map((value) => ({ value, label: WAY_WORDS[value] }))}
          />
        </View>
      )}
      {supported(setup.operation) && (
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
        {['turning', 'milling'].includes(OPERATIONS[setup.operation].cutting) && (
          <Tick
            label="First pass over scale or cast skin"
            about={plan.metal.skin ?? 'this metal has no hard skin as a rule'}
            value={choice.firstPassOnSkin}
            onChange={(firstPassOnSkin) => cut.change({ firstPassOnSkin })}
          />
        )}
      </View>
    </Panel>
  );
}

const styles = StyleSheet.create({
  grow: { flex: 1 },
  pad: { padding: SPACE.edge },
  group: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.edge, gap: SPACE.close },
});
