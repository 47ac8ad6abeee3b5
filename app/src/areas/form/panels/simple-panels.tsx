import { RADIUS_KINDS } from '@pike-stone/core/form';
import { RADIUS_WORDS, THREAD_WORDS } from '@pike-stone/words/form';
import { useState } from 'react';
import { useUnits } from '../../../data/preferences';
import { Choice } from '../../../kit/Choice';
import { FigurePanel } from '../../figures/FigurePanel';
import { lengthText } from '../../figures/read-figure';
import type { SourcePanelProps } from './source-panel';

/** The pitch of a thread. */
export function ThreadPanel({ form, source, onClose }: SourcePanelProps<'thread'>) {
  const units = useUnits();
  const [kind, setKind] = useState(source.form);
  return (
    <FigurePanel
      title="Thread"
      onClose={onClose}
      onSet={({ pitch }) =>
        form.change({ source: { kind: 'thread', form: kind, pitchMm: pitch[0]! } }, 'Thread changed.')
      }
      before={
        <Choice
          says="Angle of the thread"
          value={kind}
          onChange={setKind}
          options={(['iso-60', 'form-55'] as const).map((value) => ({ value, label: THREAD_WORDS[value] }))}
          about="The root is round, as the standard has it."
        />
      }
      fields={[
        {
          key: 'pitch',
          label: 'Pitch',
          kind: 'size',
          low: 0.1,
          high: 25,
          start: lengthText(source.pitchMm, units),
        },
      ]}
    />
  );
}

/** A radius and how it stands in the work. */
export function RadiusPanel({ form, source, onClose }: SourcePanelProps<'radius'>) {
  const units = useUnits();
  const [shape, setShape] = useState(source.shape);
  return (
    <FigurePanel
      title="Radius"
      onClose={onClose}
      check={({ radius, depth }) =>
        shape === 'groove' && depth[0] !== undefined && depth[0] > radius[0]!
          ? 'A round groove is at most as deep as its radius.'
          : null
      }
      onSet={({ radius, depth }) =>
        form.change(
          {
            source: {
              kind: 'radius',
              shape,
              radiusMm: radius[0]!,
              depthMm: shape === 'groove' ? (depth[0] ?? radius[0]!) : radius[0]!,
            },
          },
          'Radius changed.',
        )
      }
      before={
        <Choice
          says="Where the radius is"
          value={shape}
          onChange={setShape}
          options={RADIUS_KINDS.map((value) => ({ value, label: RADIUS_WORDS[value] }))}
        />
      }
      fields={[
        {
          key: 'radius',
          label: 'Radius',
          kind: 'size',
          low: 0.05,
          high: 200,
          start: lengthText(source.radiusMm, units),
        },
        {
          key: 'depth',
          label: 'Depth of a groove',
          kind: 'size',
          low: 0.01,
          high: 200,
          optional: true,
          start: source.shape === 'groove' ? lengthText(source.depthMm, units) : '',
          about: 'Empty: as deep as its radius. A bead and an edge are.',
        },
      ]}
    />
  );
}

/** Width and angle of a chamfer. */
export function ChamferPanel({ form, source, onClose }: SourcePanelProps<'chamfer'>) {
  const units = useUnits();
  return (
    <FigurePanel
      title="Chamfer"
      onClose={onClose}
      onSet={({ width, angle }) =>
        form.change(
          { source: { kind: 'chamfer', widthMm: width[0]!, angleDeg: angle[0]! } },
          'Chamfer changed.',
        )
      }
      fields={[
        {
          key: 'width',
          label: 'Width along the work',
          kind: 'size',
          low: 0.05,
          high: 100,
          start: lengthText(source.widthMm, units),
        },
        {
          key: 'angle',
          label: 'Angle from the surface, degrees',
          kind: 'number',
          low: 5,
          high: 85,
          start: String(source.angleDeg),
        },
      ]}
    />
  );
}
