import { BELT_LATHE, HAND_MILL, SHAPER } from '../fixture';
import { isMill } from './machine';

it('tells a mill from the other machines', () => {
  expect([BELT_LATHE, HAND_MILL, SHAPER].map(isMill)).toEqual([false, true, false]);
});
