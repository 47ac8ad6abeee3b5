import { formatForce, joined, type UnitSystem } from '@pike-stone/words';
import { type DriveDraft } from './drive-draft';
import { sectionWords } from './BeltPart';

export const partTitle = (stage: DriveDraft['drive']['stages'][number]): string =>
  stage.kind === 'back-gear' ? 'Back gear' : stage.name;

export function partAbout(stage: DriveDraft['drive']['stages'][number], units: UnitSystem): string {
  switch (stage.kind) {
    case 'belt':
      return `${sectionWords(stage.section)}, ${stage.pairs.length === 1 ? 'one pair' : `${stage.pairs.length} steps`}, slip ${stage.slipPercent} %${stage.pullN ? `, pulls ${joined(formatForce(stage.pullN, units))}` : ''}`;
    case 'lever':
      return stage.positions.map(({ name }) => name).join(', ');
    case 'back-gear':
      return `${stage.driversTeeth.map((driver, i) => `${driver} : ${stage.drivenTeeth[i]}`).join(', ')} teeth`;
    case 'variable':
      return `${stage.slowest} to ${stage.fastest} turns out for one in`;
  }
}
