import { FORM_TOOL_BOUNDS, FORM_TOOLS } from '@pike-stone/core/bits';
import { usualFormTool, type FormTool } from '@pike-stone/core/form';
import { FORM_TOOL_WORDS } from '@pike-stone/words/form';
import { useState } from 'react';
import { useUnits } from '../../../data/preferences';
import { Choice } from '../../../kit/Choice';
import { FigurePanel } from '../../figures/FigurePanel';
import { lengthText } from '../../figures/read-figure';
import type { FigureField } from '../../figures/useFigures';
import type { Form } from '../use-form';

type Size = {
  readonly key: string;
  readonly label: string;
  readonly low: number;
  readonly high: number;
  readonly size?: true;
  readonly whole?: true;
  readonly about?: string;
};

const [LEAST_RAKE, MOST_RAKE] = FORM_TOOL_BOUNDS.rakeDeg;
const [LEAST_CLEARANCE, MOST_CLEARANCE] = FORM_TOOL_BOUNDS.clearanceDeg;
const RAKE: Size = {
  key: 'rakeDeg',
  label: 'Rake, degrees',
  low: LEAST_RAKE,
  high: MOST_RAKE,
  about: 'none for brass and cast iron, 5 to 10 with correction for steel and aluminium',
};
const CLEARANCE: Size = {
  key: 'clearanceDeg',
  label: 'Clearance, degrees',
  low: LEAST_CLEARANCE,
  high: MOST_CLEARANCE,
};
const SMALLEST: Size = {
  key: 'smallestMm',
  label: 'Radius of the work under the tip',
  low: 0.5,
  high: 500,
  size: true,
};

/** What each kind of tool is asked for. */
const SIZES: Readonly<Record<FormTool['kind'], readonly Size[]>> = {
  fly: [
    { key: 'swingMm', label: 'Axis to tip', low: 3, high: 200, size: true },
    { key: 'bodyMm', label: 'Body behind the edge', low: 1, high: 60, size: true },
    RAKE,
    CLEARANCE,
  ],
  multi: [
    { key: 'diameterMm', label: 'Diameter', low: 8, high: 300, size: true },
    { key: 'teeth', label: 'Teeth', low: 2, high: 40, whole: true, about: '6 to 12 for 25 to 40 mm' },
    { ...RAKE, label: 'Radial rake, degrees' },
    { key: 'reliefDeg', label: 'Relief, degrees', low: 1, high: 25, about: '8 to 12 for brass and steel' },
    { key: 'gashDepthMm', label: 'Depth of the gash', low: 0.5, high: 60, size: true },
    { key: 'gashAngleDeg', label: 'Angle of the gash, degrees', low: 20, high: 120, about: '45 to 65' },
  ],
  flat: [SMALLEST, RAKE, CLEARANCE],
  circular: [
    SMALLEST,
    { key: 'toolRadiusMm', label: 'Radius of the tool', low: 5, high: 200, size: true },
    RAKE,
    CLEARANCE,
  ],
};

/** The tool that carries a form: its kind, its sizes, rake and clearance. */
export function ToolPanel({ form, onClose }: { form: Form; onClose: () => void }) {
  const [tool, setTool] = useState<FormTool>(form.body.tool);
  return (
    // A tool of another kind has other fields.
    <ToolFigures
      key={tool.kind}
      tool={tool}
      onKind={(kind) => setTool(usualFormTool(kind, tool, form.shape?.depthMm ?? 3))}
      onSet={(next) => form.change({ tool: next }, 'Tool changed.')}
      onClose={onClose}
    />
  );
}

function ToolFigures({
  tool,
  onKind,
  onSet,
  onClose,
}: {
  tool: FormTool;
  onKind: (kind: FormTool['kind']) => void;
  onSet: (tool: FormTool) => void;
  onClose: () => void;
}) {
  const units = useUnits();
  const values = tool as unknown as Readonly<Record<string, number>>;
  const fields = SIZES[tool.kind].map(
    ({ key, label, low, high, size, whole, about }): FigureField<string> => ({
      key,
      label,
      low,
      high,
      kind: size ? 'size' : whole ? 'whole' : 'number',
      start: size ? lengthText(values[key]!, units) : String(values[key]),
      ...(about !== undefined && { about }),
    }),
  );
  return (
    <FigurePanel
      title="Tool"
      fields={fields}
      onClose={onClose}
      onSet={(figures) =>
        onSet({
          ...tool,
          ...Object.fromEntries(fields.map(({ key }) => [key, figures[key]![0]!])),
        } as FormTool)
      }
      before={
        <Choice
          says="Kind of tool"
          value={tool.kind}
          onChange={onKind}
          options={FORM_TOOLS.map((value) => ({ value, label: FORM_TOOL_WORDS[value].name }))}
          about={FORM_TOOL_WORDS[tool.kind].about}
        />
      }
    />
  );
}
