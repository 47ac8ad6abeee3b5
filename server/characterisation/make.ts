// npm run characterise: writes anew what is told of every case. Only when numbers change on purpose; the differences belong in the commit.
import { join } from 'node:path';
import { cases } from './cases';
import { keep } from './kept';
import { told } from './told';
import { CUTTERS } from './cutters';

const all = cases();
const bytes = keep(
  join(import.meta.dirname, 'plans.json.br'),
  all.map((one, i) => told(one, i, CUTTERS)),
);
console.log(`${all.length} plans, ${bytes} bytes`);
