import type { ToolBody } from '@pike-stone/contract';
import {
  USUAL_FACE_GRIND_MM,
  boundsOf,
  isForTurning,
  sharpeningsLeft,
  type FormMillingCutter,
  type FormShape,
} from '@pike-stone/core/form';
import { unlessRefused } from '@pike-stone/core';
import type { UnitSystem } from '@pike-stone/words';
import { sayCutterNote } from '@pike-stone/words/form';
import { useUnits } from '../../data/preferences';
import { newId, save, useRecords } from '../../data/records';
import { useUndo } from '../../kit/Undo';
import type { Form } from './use-form';

/** Narrowest and shallowest form that the drawer knows, mm. */
const LEAST_MM = 0.1;

/** The form cutter as a tool of the drawer. */
function toolOfForm({ body }: Form, shape: FormShape, units: UnitSystem): ToolBody {
  const { tool, name } = body;
  const sharpenings = unlessRefused(
    () => sharpeningsLeft(tool, body.faceGroundMm, USUAL_FACE_GRIND_MM[units]),
    0,
  );
  const { left, right } = boundsOf(shape.profile);
  const shared = {
    name,
    material: 'carbon-steel' as const,
    dull: false,
    note: sayCutterNote(body.source, shape, sharpenings, units),
    widthMm: Math.max(LEAST_MM, right - left),
    depthMm: Math.max(LEAST_MM, shape.depthMm),
    rakeDeg: tool.rakeDeg,
  };
  return isForTurning(tool)
    ? { ...shared, kind: 'form-tool' }
    : { ...shared, kind: 'form-cutter', ...millingSizes(tool) };
}

const millingSizes = (tool: FormMillingCutter) =>
  tool.kind === 'fly'
    ? { diameterMm: 2 * tool.swingMm, teeth: 1 }
    : { diameterMm: tool.diameterMm, teeth: tool.teeth };

/** The tool of the drawer that a form cutter is, and keeping it there. */
export function useKeepCutter(form: Form) {
  const units = useUnits();
  const { records: tools } = useRecords('tools');
  const say = useUndo((state) => state.say);
  const known = tools.find(({ id, archived }) => !archived && id === form.body.toolId) ?? null;
  const keep = () => {
    if (!form.shape) return;
    const id = known?.id ?? newId();
    const tool = toolOfForm(form, form.shape, units);
    void save('tools', id, known?.version ?? 0, known ? ({ ...known.body, ...tool } as ToolBody) : tool);
    if (known)
      say('The drawer knows it as it is now.', () => void save('tools', id, known.version + 1, known.body));
    else form.change({ toolId: id }, 'Kept in the drawer.');
  };
  return { toolId: known?.id ?? null, tool: known, keep };
}
