import type { CutChoice } from '@pike-stone/contract';
import { cutLength, OPERATIONS, type Operation } from '@pike-stone/core';
import { laterWith } from '../../kit/later';
import { Keypad } from '../../kit/Keypad';
import type { SizeLimits } from '../../kit/length-words';
import type { DimensionKey } from './sketch/dimensions';
import type { EditOtherProps } from './EditOther';
import type { Cut } from './useCut';

interface Editable {
  readonly title: string;
  readonly valueMm: number;
  readonly limits: SizeLimits;
  readonly change: (mm: number) => Partial<CutChoice>;
  readonly reset?: Partial<CutChoice>;
}

/** Which part of the set-up each figure on the sketch stands for. */
type LengthKey = Exclude<DimensionKey, 'feed' | 'angle' | 'pitch'>;
const EditOther = laterWith<EditOtherProps>(() =>
  import('./pages').then((pages) => ({ default: pages.EditOther })),
);
const ON_RADIUS: readonly Operation[] = ['turn', 'shoulder', 'taper', 'bore', 'mill-bore', 'groove', 'form'];

function editable(key: LengthKey, { setup, plan, choice }: Cut): Editable {
  const workTurns = OPERATIONS[setup.operation].turns !== 'cutter';
  const { tool } = setup;
  switch (key) {
    case 'diameter':
      return workTurns
        ? {
            title:
              (
                {
                  bore: 'Bore after this cut',
                  'mill-bore': 'Bore after this cut',
                  shape: 'Length of the work',
                  thread: 'Outside of the thread',
                  taper: 'Large end',
                } as Partial<Record<string, string>>
              )[setup.operation] ?? 'Diameter of the work',
            valueMm: setup.workDiameterMm,
            limits: { lowMm: 0.5, highMm: 3000 },
            change: (workDiameterMm) => ({ workDiameterMm }),
          }
        : {
            title:
              (
                {
                  drill: 'Drill diameter',
                  reamer: 'Reamer diameter',
                  'centre-drill': 'Pilot of the centre drill',
                  'fly-cutter': 'Tip circle',
                  'slitting-saw': 'Diameter of the saw',
                } as Partial<Record<string, string>>
              )[tool.kind] ?? 'Cutter diameter',
            valueMm: tool.diameterMm,
            limits: { lowMm: 0.2, highMm: 500 },
            change: (cutterDiameterMm) => ({ cutterDiameterMm }),
            reset: choice.cutterDiameterMm === null ? undefined : { cutterDiameterMm: null },
          };
    case 'depth': {
      const onRadius = ON_RADIUS.includes(setup.operation);
      const highMm = onRadius ? setup.workDiameterMm / 2 : setup.operation === 'drill' ? 500 : 300;
      return {
        title:
          setup.operation === 'chamfer' ? 'Size of the chamfer' : onRadius ? 'Depth, on the radius' : 'Depth',
        valueMm: plan.depth.mm,
        limits: { lowMm: 0.005, highMm },
        change: (depthMm) => ({ depthMm }),
        reset: choice.depthMm === null ? undefined : { depthMm: null },
      };
    }
    case 'width':
      return {
        title:
          ({ shape: 'Width of the face', groove: 'Width of the groove' } as Partial<Record<string, string>>)[
            setup.operation
          ] ?? 'Width of cut',
        valueMm: plan.depth.widthInUseMm ?? tool.diameterMm,
        limits: { lowMm: 0.01, highMm: workTurns ? 500 : tool.diameterMm },
        change: (widthMm) => ({ widthMm }),
        reset: choice.widthMm === null ? undefined : { widthMm: null },
      };
    case 'length':
      return {
        title:
          { shoulder: 'From the end to the shoulder', taper: 'Length of the taper' }[
            setup.operation as 'taper'
          ] ?? 'Length of the thread',
        valueMm: cutLength(setup),
        limits: { lowMm: 0.1, highMm: 5000 },
        change: (lengthMm) => ({ lengthMm }),
        reset: (choice.lengthMm ?? null) === null ? undefined : { lengthMm: null },
      };
    case 'stickOut':
      return {
        title: {
          work:
            setup.support === 'between-centres'
            || (setup.operation === 'taper' && choice.way && choice.way !== 'compound')
              ? 'Between the points of the centres'
              : 'Out of the chuck',
          blade: 'From the chuck',
          bar: 'Bar out of the holder',
          cutter: 'Out of the collet',
        }[OPERATIONS[setup.operation].overhang ?? 'cutter'],
        valueMm: setup.stickOutMm,
        limits: { lowMm: 0.5, highMm: 5000 },
        change: (stickOutMm) => ({ stickOutMm }),
      };
  }
}

/** The keypad for one figure of the sketch. */
export function EditDimension({
  dimension,
  cut,
  onClose,
}: {
  dimension: Exclude<DimensionKey, 'feed'>;
  cut: Cut;
  onClose: () => void;
}) {
  if (dimension === 'angle' || dimension === 'pitch')
    return <EditOther what={dimension} cut={cut} onClose={onClose} />;
  const { title, valueMm, limits, change, reset } = editable(dimension, cut);
  return (
    <Keypad
      title={title}
      place={dimension}
      valueMm={valueMm}
      limits={limits}
      field={cut.setup.operation === 'drill' && dimension === 'diameter' ? 'drill' : 'diameter'}
      onSet={(mm) => cut.change(change(mm))}
      onClose={onClose}
      onReset={reset && (() => cut.change(reset))}
    />
  );
}
