import { BackGearPart } from './BackGearPart';
import { BeltPart } from './BeltPart';
import { LeverPart } from './LeverPart';
import type { PartProps } from './PartFrame';
import { VariablePart } from './VariablePart';

/** Asks for what the drawing does not show of a part: name, belt, teeth, slip. */
export function PartPanel({ part, ...does }: PartProps) {
  switch (part.kind) {
    case 'belt':
      return <BeltPart part={part} {...does} />;
    case 'lever':
      return <LeverPart part={part} {...does} />;
    case 'back-gear':
      return <BackGearPart part={part} {...does} />;
    case 'variable':
      return <VariablePart part={part} {...does} />;
  }
}
