import { material } from '../material/library';
import { oxideColour } from './heat';

it('colours are told for steel that shows them', () => {
  expect(oxideColour(material('medium-carbon'), 'chip', 950, false)).toEqual({
    colour: 'glowing',
    lowC: 900,
    highC: null,
  });
  expect(oxideColour(material('medium-carbon'), 'chip', 300, true)).toBeNull();
  expect(oxideColour(material('grey-iron'), 'chip', 300, false)).toBeNull();
});
