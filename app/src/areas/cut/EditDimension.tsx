import type { CutChoice } from '@pike-stone/contract';
import { chosenWay, OPERATIONS, rotates, type CutSetup } from '@pike-stone/core';
import { Keypad } from '../../kit/Keypad';
import { useUndo } from '../../kit/Undo';
import { OPERATION_WORDS, type SizeLimits } from '@pike-stone/words';
import { refusals } from '@pike-stone/words/misfit';
import { useUnits } from '../../data/preferences';
import type { DimensionKey } from './sketch/cut-mark';
import { EditOther } from './EditOther';
import { useDraft } from './draft';
import type { Editing } from './useCut';

interface Editable {
  readonly title: string;
  readonly valueMm: number;
  readonly limits: SizeLimits;
  readonly change: (mm: number) => Partial<CutChoice>;
  readonly reset?: Partial<CutChoice>;
}

/** The part of the set-up that each figure of the sketch shows. */
type LengthKey = Exclude<DimensionKey, 'feed' | 'angle' | 'pitch'>;
/** Deepest cut that may be typed, mm. */
const DEEPEST_MM = 300;
const DEEPEST_HOLE_MM = 500;

function editable(key: LengthKey, { setup, plan, choice }: Editing): Editable {
  const operation = OPERATIONS[setup.operation];
  const { figures } = OPERATION_WORDS[setup.operation];
  const { tool } = setup;
  const workTurns = operation.turns !== 'cutter';
  switch (key) {
    case 'diameter':
      return workTurns || !rotates(tool)
        ? {
            title: figures?.diameter ?? 'Diameter of the work',
            valueMm: setup.workDiameterMm,
            limits: { lowMm: 0.5, highMm: 3000 },
            change: (workDiameterMm) => ({ workDiameterMm }),
          }
        : {
            title: figures?.diameter ?? 'Cutter diameter',
            valueMm: tool.diameterMm,
            limits: { lowMm: 0.2, highMm: 500 },
            change: (cutterDiameterMm) => ({ cutterDiameterMm }),
            reset: choice.cutterDiameterMm === null ? undefined : { cutterDiameterMm: null },
          };
    case 'depth': {
      const deepestMm = tool.kind === 'drill' ? DEEPEST_HOLE_MM : DEEPEST_MM;
      return {
        title: figures?.depth ?? (operation.depthOnRadius ? 'Depth, on the radius' : 'Depth'),
        valueMm: plan?.depth.mm ?? setup.depthMm ?? deepestMm,
        limits: { lowMm: 0.005, highMm: deepestMm },
        change: (depthMm) => ({ depthMm }),
        reset: choice.depthMm === null ? undefined : { depthMm: null },
      };
    }
    case 'width':
      return {
        title: figures?.width ?? 'Width of cut',
        valueMm: plan?.depth.widthInUseMm ?? setup.widthMm ?? operation.rimDiameterMm(setup),
        limits: { lowMm: 0.01, highMm: 500 },
        change: (widthMm) => ({ widthMm }),
        reset: choice.widthMm === null ? undefined : { widthMm: null },
      };
    case 'length':
      return {
        title: figures?.length ?? 'Length of cut',
        valueMm: operation.asks.lengthMm?.(setup) ?? setup.stickOutMm,
        limits: { lowMm: 0.1, highMm: 5000 },
        change: (lengthMm) => ({ lengthMm }),
        reset: (choice.lengthMm ?? null) === null ? undefined : { lengthMm: null },
      };
    case 'stickOut':
      return {
        title: stickOutTitle(setup),
        valueMm: setup.stickOutMm,
        limits: { lowMm: 0.5, highMm: 5000 },
        change: (stickOutMm) => ({ stickOutMm }),
      };
  }
}

const STANDS_OUT = {
  work: 'Out of the chuck',
  blade: 'From the chuck',
  bar: 'Bar out of the holder',
  cutter: 'Out of the collet',
} as const;

/** The place that the stick-out is measured from, in words. */
function stickOutTitle(setup: CutSetup): string {
  const { standsOut } = OPERATIONS[setup.operation];
  const way = chosenWay(setup);
  const onCentres = setup.support === 'between-centres' || way === 'set-over' || way === 'offset-head';
  return standsOut === 'work' && onCentres
    ? 'Between the points of the centres'
    : STANDS_OUT[standsOut ?? 'cutter'];
}

export interface EditDimensionProps {
  readonly dimension: Exclude<DimensionKey, 'feed'>;
  readonly cut: Editing;
  readonly onClose: () => void;
}

/** Changes the set-up, and offers to put it back as it was before. */
function changeWithUndo(cut: Editing, name: string) {
  return (change: Partial<CutChoice>) => {
    cut.change(change);
    useUndo.getState().say(`${name} is changed`, () => useDraft.getState().set(cut.choice));
  };
}

/** The keypad that changes one figure of the sketch. Each change can be undone. */
export function EditDimension({ dimension, cut, onClose }: EditDimensionProps) {
  const units = useUnits();
  if (dimension === 'angle' || dimension === 'pitch') {
    const change = changeWithUndo(cut, dimension === 'angle' ? 'The angle' : 'The pitch');
    return <EditOther what={dimension} cut={{ ...cut, change }} onClose={onClose} />;
  }
  const { title, valueMm, limits, change, reset } = editable(dimension, cut);
  const make = changeWithUndo(cut, title);
  return (
    <Keypad
      title={title}
      place={dimension}
      valueMm={valueMm}
      limits={limits}
      field={cut.setup.tool.kind === 'drill' && dimension === 'diameter' ? 'drill' : 'diameter'}
      refuse={(mm) => refusals(cut.trial(change(mm)), units)[0] ?? null}
      onSet={(mm) => make(change(mm))}
      onClose={onClose}
      onReset={reset && (() => make(reset))}
    />
  );
}
