import { putLaterSchemas } from './record/later-body';
import { bitBody } from './record/bit';
import { comparisonBody } from './record/comparison';
import { formBody } from './record/form';
import { grindBody } from './record/grind';
import { provenBody } from './record/proven';
import { runBody } from './record/run';
import { sharpeningBody } from './record/sharpening';
import { roundBody } from './record/sharpening-round';
import { wheelEntryBody } from './record/wheel-entry';

/** Schemas of records that no first page shows. They are put in place by a call, because a module may run only when it is used. */
export function bringLaterBodies(): void {
  putLaterSchemas({
    bits: bitBody,
    grinds: grindBody,
    'wheel-book': wheelEntryBody,
    sharpenings: sharpeningBody,
    rounds: roundBody,
    forms: formBody,
    runs: runBody,
    comparisons: comparisonBody,
    proven: provenBody,
  });
}

export { bitBody } from './record/bit';
export { MOST_READINGS } from './record/comparison';
export { provenBody } from './record/proven';
export { formBody } from './record/form';
