import type { MachineBody } from '@pike-stone/contract';
import { withEvent } from '../../data/instruments';
import { wantedPitch, pitchOf } from '@pike-stone/words';
import { costsOf, positionsOf, USUAL_COSTS } from './moves/positions';

describe('the pitch of a thread, as it is written', () => {
  it.each([
    ['1.25', 'mm', 1.25],
    ['20', 'inch', 1.27],
    ['20 tpi', 'mm', 1.27],
    ['1,5 mm', 'inch', 1.5],
    ['8TPI', 'mm', 3.175],
  ] as const)('%p in %s', (text, units, mm) => {
    expect(wantedPitch(text, units).mm).toBeCloseTo(mm, 9);
  });
  it.each(['', '0', '1000 mm', 'M8', '-2', '0 tpi'])('%p is refused with a sentence', (text) => {
    expect(wantedPitch(text, 'mm').fault).toMatch(/\.$/);
  });
  it('both ways, the units in use first', () => {
    expect(pitchOf(1.27, 'mm')).toBe('1.27\u00a0mm (20\u00a0tpi)');
    expect(pitchOf(1.27, 'inch')).toBe('20\u00a0tpi (1.27\u00a0mm)');
  });
});

describe('the positions of a machine whose drive is not drawn', () => {
  const machine = {
    kind: 'lathe',
    speeds: [
      { rpm: 70, setting: 'Belt 2, back gear in' },
      { rpm: 440, setting: 'Belt 2, direct' },
      { rpm: 740, setting: 'Belt 3, direct' },
    ],
  } as MachineBody;
  const positions = positionsOf(machine);
  it('are taken apart at the commas: a belt and a gear', () => {
    expect(positions[0]!.settings).toEqual({ '0 belt': 'belt 2', '1 gear': 'back gear in' });
    expect(costsOf(machine, positions, USUAL_COSTS)).toEqual({ '0 belt': 3, '1 gear': 1 });
  });
});

describe('readings that come over a line', () => {
  const at = (...times: number[]) => ({ t: times, value: [] });
  it('late ones are put in their place, old ones let go', () => {
    const kept = withEvent(withEvent([], at(1, 2, 4), 3), at(3, 5), 3);
    expect(kept.map(({ t }) => t)).toEqual([2, 3, 4, 5]);
  });
  it('a clock that starts anew starts the readings anew', () => {
    expect(withEvent([{ t: 900, value: null }], at(0.2), 8).map(({ t }) => t)).toEqual([0.2]);
  });
});
