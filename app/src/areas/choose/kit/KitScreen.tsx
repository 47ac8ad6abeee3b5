import type { MachineKind } from '@pike-stone/core';
import {
  groundInstead,
  kitItems,
  kitNeeds,
  kitWhen,
  startingKit,
  type KitMetals,
  type KitWhen,
} from '@pike-stone/core/choose';
import { formatMoney } from '@pike-stone/words/choosing';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { create } from 'zustand';
import { keptHere } from '../../../sync/kept-here';
import { useRules } from '../../../data/rules';
import { backOr } from '../../../kit/back';
import { Bar } from '../../../kit/Bar';
import { Choice, Tick } from '../../../kit/Choice';
import { Screen, Sheet } from '../../../kit/Screen';
import { TextBox } from '../../../kit/TextBox';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { readWithin } from '../../figures/read-figure';
import { MACHINE_KINDS } from '../../machine/machine-kinds';

interface KitState {
  readonly machine: MachineKind;
  readonly metals: KitMetals;
  readonly budget: string;
  readonly have: readonly string[];
  set(change: Partial<Omit<KitState, 'set'>>): void;
}

/** What is asked of the kit; it survives a reload. */
const useKit = create<KitState>()(
  keptHere(
    (set) => ({
      machine: 'lathe',
      metals: { soft: true, steel: true, hard: false },
      budget: '300',
      have: [],
      set: (change) => set(change),
    }),
    { name: 'pike-kit' },
  ),
);

/** Less than this of the needs is not worth an item. */
const LEAST_GAIN = 0.1;
const MOST_BUDGET = 100_000;
const WHEN_WORDS: Readonly<Record<KitWhen, string>> = { first: 'Buy first', second: 'Then', later: 'Later' };
const METAL_TICKS = [
  ['soft', 'Aluminium, brass, bronze'],
  ['steel', 'Plain steel'],
  ['hard', 'Stainless, tough steel, iron with skin'],
] as const;

/** What to buy first, second and later for a machine and its metals within a budget, and what to grind instead. */
export function KitScreen() {
  const router = useRouter();
  const { rules } = useRules();
  const { machine, metals, budget, have, set } = useKit();
  const { value: amount, fault } = readWithin(budget, 0, MOST_BUDGET);
  const items = kitItems(machine, rules?.choice ?? 'neither');
  const owned = have.filter((name) => items.some((item) => item.name === name));
  const kit =
    amount === null
      ? null
      : startingKit({
          needs: kitNeeds(machine, metals),
          items,
          budget: amount,
          leastGain: LEAST_GAIN,
          have: owned,
        });
  const toggle = (name: string) =>
    set({ have: have.includes(name) ? have.filter((one) => one !== name) : [...have, name] });
  return (
    <Screen
      title="Starting kit"
      about="What to buy first, and what to grind instead"
      onBack={() => backOr(router, '/drawer')}
      side={
        <Sheet>
          <View style={styles.group}>
            <Words role="heading">There already</Words>
            {items.map(({ name, cost }) => (
              <Tick
                key={name}
                label={name}
                about={`about ${formatMoney(cost)}`}
                value={have.includes(name)}
                onChange={() => toggle(name)}
              />
            ))}
          </View>
        </Sheet>
      }
    >
      <Sheet>
        <View style={styles.group}>
          <Choice
            says="For which machine"
            value={machine}
            onChange={(kind) => set({ machine: kind })}
            options={MACHINE_KINDS}
          />
          {METAL_TICKS.map(([key, label]) => (
            <Tick
              key={key}
              label={label}
              value={metals[key]}
              onChange={(on) => set({ metals: { ...metals, [key]: on } })}
            />
          ))}
          <TextBox
            label="Budget, in the shop’s money"
            figures
            value={budget}
            onChange={(text) => set({ budget: text })}
            fault={fault}
          />
        </View>
      </Sheet>
      {kit && amount !== null && <Order kit={kit} budget={amount} />}
    </Screen>
  );
}

/** The kit in its order, each thing with its price and how useful the shop is after it. */
function Order({ kit, budget }: { kit: ReturnType<typeof startingKit>; budget: number }) {
  const when = kitWhen(kit.steps.map(({ gain }) => gain));
  const most = Math.max(...kit.steps.map(({ gain }) => gain), 0.01);
  return (
    <Sheet>
      <View style={styles.group}>
        <Words role="big" testID="kit">
          {`${formatMoney(kit.spent)} of ${formatMoney(budget)}: does ${Math.round(100 * kit.usefulness)} % of what is needed`}
        </Words>
        {kit.steps.length === 0 && <Words>Nothing more is worth buying within the budget.</Words>}
        <View role="list" aria-label="What to buy">
          {kit.steps.map(({ name, cost, gain }, i) => {
            const ground = groundInstead(name);
            return (
              <View key={name} role="listitem" style={styles.step}>
                {when[i] !== when[i - 1] && <Words role="heading">{WHEN_WORDS[when[i]!]}</Words>}
                <View style={styles.line}>
                  <Words role="strong" style={styles.grow}>{`${i + 1} ${name}`}</Words>
                  <Words role="figure">{formatMoney(cost)}</Words>
                </View>
                <Bar share={gain / most} thin />
                {ground && <Words role="note">{`Grind instead of buying: ${ground}.`}</Words>}
              </View>
            );
          })}
        </View>
        <Words role="note">
          Typical prices. Each step is what covers most of what is still open for its money; the school of the
          shop counts a fifth.
        </Words>
      </View>
    </Sheet>
  );
}

const styles = sheet({
  group: { padding: SPACE.edge, gap: SPACE.close },
  grow: { flex: 1 },
  step: { paddingVertical: SPACE.close, gap: 3 },
  line: { flexDirection: 'row', gap: SPACE.near },
});
