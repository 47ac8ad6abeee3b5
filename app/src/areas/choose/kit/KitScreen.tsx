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
import { MACHINE_WORDS } from '@pike-stone/words';
import { formatMoney } from '@pike-stone/words/choosing';
import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { useRules } from '../../../data/rules';
import { backOr } from '../../../kit/back';
import { Choice, Tick } from '../../../kit/Choice';
import { Screen, Sheet } from '../../../kit/Screen';
import { TextBox } from '../../../kit/TextBox';
import { Words } from '../../../kit/Words';
import { themed } from '../../../theme/theme';
import { SPACE } from '../../../theme/type';

interface KitState {
  readonly machine: MachineKind;
  readonly metals: KitMetals;
  readonly budget: string;
  readonly have: readonly string[];
  set(change: Partial<Omit<KitState, 'set'>>): void;
}

/** What is asked of the kit; it survives a reload. */
const useKit = create<KitState>()(
  persist(
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

function readBudget(text: string): number | null {
  const value = Number(text.trim().replace(',', '.'));
  return text.trim() !== '' && value >= 0 && value <= MOST_BUDGET ? value : null;
}

/** What to buy first, second and later for a machine and its metals within a budget, and what to grind instead. */
export function KitScreen() {
  const router = useRouter();
  const { rules } = useRules();
  const { machine, metals, budget, have, set } = useKit();
  const amount = readBudget(budget);
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
            options={(Object.keys(MACHINE_WORDS) as MachineKind[]).map((value) => ({
              value,
              label: MACHINE_WORDS[value].charAt(0).toUpperCase() + MACHINE_WORDS[value].slice(1),
            }))}
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
            fault={amount === null ? `A number from 0 to ${MOST_BUDGET}.` : undefined}
          />
        </View>
      </Sheet>
      {kit && <Order kit={kit} budget={amount!} />}
    </Screen>
  );
}

/** The kit in its order, each thing with its price and how useful the shop is after it. */
function Order({ kit, budget }: { kit: ReturnType<typeof startingKit>; budget: number }) {
  const styles = useStyles();
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
                <View style={styles.trough}>
                  <View style={[styles.bar, { width: `${(100 * gain) / most}%` }]} />
                </View>
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

const styles = StyleSheet.create({ group: { padding: SPACE.edge, gap: SPACE.close } });
const useStyles = themed((c) =>
  StyleSheet.create({
    group: { padding: SPACE.edge, gap: SPACE.close },
    grow: { flex: 1 },
    step: { paddingVertical: SPACE.close, gap: 3 },
    line: { flexDirection: 'row', gap: SPACE.near },
    trough: { height: 6, backgroundColor: c.ground },
    bar: { height: '100%', backgroundColor: c.accent },
  }),
);
