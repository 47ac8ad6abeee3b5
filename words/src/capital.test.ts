import { capital } from './capital';

it('a text begins with a capital, the rest stays', () =>
  expect(['lathe', 'HSS end mill', '', 'é'].map(capital)).toEqual(['Lathe', 'HSS end mill', '', 'É']));
