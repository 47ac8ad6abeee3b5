import { bySubstance, type Substance } from './substance';

/** What can be tried on an unmarked cutter, in the order of the table. */
export const TESTS = ['magnet', 'colour', 'shank', 'failure', 'stone', 'spark'] as const;
export type Test = (typeof TESTS)[number];

interface TestFacts {
  /** Time it takes. */
  readonly minutes: number;
  /** It can hurt: only when nothing safe tells enough. */
  readonly hazard: boolean;
  /** Chance of each observation with each substance, in the order of the substances; typical. */
  readonly seen: Readonly<Record<string, readonly number[]>>;
}

const FACTS = {
  magnet: {
    minutes: 0.2,
    hazard: false,
    seen: {
      strong: [0.97, 0.96, 0.95, 0.03, 0.1, 0.01, 0.1],
      weak: [0.02, 0.03, 0.04, 0.67, 0.6, 0.02, 0.55],
      none: [0.01, 0.01, 0.01, 0.3, 0.3, 0.97, 0.35],
    },
  },
  colour: {
    minutes: 0.2,
    hazard: false,
    seen: {
      'bright-steel': [0.55, 0.6, 0.6, 0.1, 0.1, 0.01, 0.15],
      'dark-steel': [0.35, 0.25, 0.25, 0.08, 0.05, 0.02, 0.05],
      'matt-grey': [0.05, 0.05, 0.05, 0.72, 0.75, 0.07, 0.65],
      'white-or-black-matt': [0.01, 0.01, 0.01, 0.02, 0.02, 0.85, 0.02],
      'straw-or-blue-tempered': [0.04, 0.09, 0.09, 0.08, 0.08, 0.05, 0.13],
    },
  },
  shank: {
    minutes: 0.3,
    hazard: false,
    seen: {
      'ground-bright': [0.5, 0.62, 0.65, 0.45, 0.25, 0.1, 0.3],
      'black-or-forged': [0.35, 0.18, 0.1, 0.02, 0.01, 0.01, 0.03],
      'as-sintered': [0.01, 0.01, 0.01, 0.3, 0.65, 0.85, 0.05],
      'steel-shank-brazed-tip': [0.01, 0.02, 0.02, 0.2, 0.06, 0.02, 0.6],
      'welded-two-metal': [0.13, 0.17, 0.22, 0.03, 0.03, 0.02, 0.02],
    },
  },
  failure: {
    minutes: 0.3,
    hazard: false,
    seen: {
      'blued-and-soft': [0.55, 0.08, 0.05, 0.01, 0.01, 0.01, 0.01],
      'worn-round': [0.3, 0.55, 0.5, 0.22, 0.2, 0.1, 0.25],
      bent: [0.08, 0.05, 0.03, 0.005, 0.005, 0.005, 0.005],
      chipped: [0.05, 0.22, 0.28, 0.45, 0.45, 0.45, 0.45],
      'clean-glassy-break': [0.02, 0.1, 0.14, 0.315, 0.335, 0.435, 0.285],
    },
  },
  stone: {
    minutes: 1,
    hazard: false,
    seen: {
      'file-bites': [0.3, 0.02, 0.01, 0.005, 0.005, 0.005, 0.01],
      'aluminium-oxide-cuts': [0.68, 0.95, 0.92, 0.04, 0.07, 0.05, 0.06],
      'only-silicon-carbide-or-diamond': [0.02, 0.03, 0.07, 0.945, 0.9, 0.6, 0.6],
      'diamond-skates': [0, 0, 0, 0.01, 0.025, 0.345, 0.33],
    },
  },
  spark: {
    minutes: 2,
    hazard: true,
    seen: {
      'white-bursting-forks': [0.93, 0.03, 0.02, 0.005, 0.01, 0.005, 0.02],
      'orange-few-forks': [0.05, 0.65, 0.38, 0.01, 0.02, 0.005, 0.03],
      'short-dull-red': [0.02, 0.31, 0.58, 0.235, 0.25, 0.01, 0.2],
      none: [0, 0.01, 0.02, 0.75, 0.72, 0.98, 0.75],
    },
  },
} as const satisfies Readonly<Record<Test, TestFacts>>;

type Seen = { readonly [T in Test]: keyof (typeof FACTS)[T]['seen'] };
/** What was seen, by test; tests that were not done are left out. */
export type Observations = { readonly [T in Test]?: Seen[T] | undefined };
export type Observation = Seen[Test];

/** Nothing is impossible: no chance is below this before a column is brought back to 1. */
const FLOOR = 0.002;

export const testFacts = (test: Test): TestFacts => FACTS[test];

/** The observations that a test can give. */
export const observationsOf = <T extends Test>(test: T): readonly Seen[T][] =>
  Object.keys(FACTS[test].seen) as Seen[T][];

/** Chance of an observation of a test with each substance. */
export function likelihood(test: Test, observation: string): Record<Substance, number> {
  const { seen } = testFacts(test);
  const rows = Object.values(seen);
  return bySubstance((_, i) => {
    const column = rows.reduce((sum, row) => sum + Math.max(FLOOR, row[i]!), 0);
    return Math.max(FLOOR, seen[observation]![i]!) / column;
  });
}
