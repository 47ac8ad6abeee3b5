import fc from 'fast-check';
import type { Learned } from '../mechanics/factor-chain';
import { learnedFor, type LearnedRow } from './learned-for';

const learned = (cuts: number, machineCuts: number): Learned => ({
  factor: 0.8,
  low: 0.7,
  high: 0.9,
  cuts,
  machineCuts,
});
const row = (metal: string | null, speed: Learned | null, feed: Learned | null = null): LearnedRow => ({
  machineId: 'bay',
  metal,
  toolMaterial: metal && 'hss',
  speed,
  feed,
});
const ROWS = [
  row(null, learned(0, 5)),
  row('bronze', learned(3, 5), learned(2, 5)),
  row('steel', learned(2, 5)),
];
const of = (metal: string, tool = 'hss', rows: readonly LearnedRow[] = ROWS, machine = 'bay') =>
  learnedFor(rows, machine, metal, tool);

it('a factor is used from three cuts of its metal and tool material on', () => {
  expect(of('bronze')).toEqual({ speed: learned(3, 5), feed: null });
  expect(of('steel')).toBeNull();
});

it('what has no cuts of its own takes the machine’s, from twenty cuts on', () => {
  expect(of('brass')).toBeNull();
  const many = [row(null, learned(0, 20)), row('steel', learned(1, 20))];
  expect(of('brass', 'hss', many)).toEqual({ speed: learned(0, 20), feed: null });
  expect(of('steel', 'hss', many)).toEqual({ speed: learned(1, 20), feed: null });
  expect(of('steel', 'carbide-coated', many)).toEqual({ speed: learned(0, 20), feed: null });
});

it('another machine, and a shop without cuts, have none', () => {
  expect(of('bronze', 'hss', ROWS, 'mill')).toBeNull();
  expect(of('bronze', 'hss', [])).toBeNull();
});

it('no factor is ever used of fewer cuts than either limit', () =>
  fc.assert(
    fc.property(fc.nat(40), fc.nat(40), (cuts, others) => {
      const found = of('bronze', 'hss', [row('bronze', learned(cuts, cuts + others))]);
      expect(found !== null).toBe(cuts >= 3 || cuts + others >= 20);
    }),
  ));
