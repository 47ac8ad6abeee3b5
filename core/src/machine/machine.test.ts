import { BELT_LATHE, HAND_MILL, SHAPER } from '../fixture';
import { isMill } from './machine';

it('tells a mill from the other machines', () => {
  expect(
    [BELT_LATHE, HAND_MILL, { ...HAND_MILL, kind: 'horizontal-mill' as const }, SHAPER].map(isMill),
  ).toEqual([false, true, true, false]);
});
