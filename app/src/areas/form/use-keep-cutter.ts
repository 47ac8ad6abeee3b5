import type { ToolBody } from '@pike-stone/contract';
import {
  boundsOf,
  cutterRange,
  formError,
  sharpeningsLeft,
  type FormShape,
  type FormTool,
} from '@pike-stone/core/form';
import { unlessRefused } from '@pike-stone/core';
import { sayFine, sayPitch } from '@pike-stone/words/form';
import { newId, save, useRecords } from '../../data/records';
import { useUndo } from '../../kit/Undo';
import type { Form } from './use-form';

const LEAST_DEPTH_MM = 0.1;

/** What is to be read beside the cutter in the drawer: the counts it serves, its error, its sharpenings. */
function noteOf({ body, shape }: Form): string {
  const { source, tool } = body;
  const gear = source.kind === 'gear' && shape?.gear ? source : null;
  const range = gear ? cutterRange(gear.gear.teeth) : null;
  const error =
    gear && gear.formTeeth !== gear.gear.teeth
      ? unlessRefused(
          () =>
            formError(
              shape!.gear!.drawn.moduleMm,
              gear.formTeeth,
              gear.gear.teeth,
              shape!.gear!.drawn.rack.pressureAngleDeg,
            ).maxMm,
          null,
        )
      : null;
  const serves =
    gear && range && gear.formTeeth === range.fromTeeth
      ? `for ${range.fromTeeth} ${range.toTeeth === null ? 'teeth and more' : `to ${range.toTeeth} teeth`}`
      : gear
        ? `for ${gear.gear.teeth} teeth`
        : null;
  const left = unlessRefused(() => sharpeningsLeft(tool, body.faceGroundMm), 0);
  return [
    gear ? `${sayPitch(gear.gear)}, ${serves}` : null,
    error === null ? null : `error up to ${sayFine(error, 'mm')} at ${gear!.gear.teeth} teeth`,
    `about ${left} sharpenings left`,
  ]
    .filter((part) => part !== null)
    .join('; ');
}

/** The form cutter as a tool of the drawer. */
function toolOfForm(form: Form, shape: FormShape): ToolBody {
  const { tool, name } = form.body;
  const { left, right } = boundsOf(shape.profile);
  const shared = {
    name,
    material: 'carbon-steel' as const,
    dull: false,
    note: noteOf(form),
    widthMm: Math.max(LEAST_DEPTH_MM, right - left),
    depthMm: Math.max(LEAST_DEPTH_MM, shape.depthMm),
    rakeDeg: tool.rakeDeg,
  };
  return turns(tool)
    ? { ...shared, kind: 'form-tool' }
    : { ...shared, kind: 'form-cutter', ...turningSizes(tool) };
}

const turns = (tool: FormTool): tool is Extract<FormTool, { kind: 'flat' | 'circular' }> =>
  tool.kind === 'flat' || tool.kind === 'circular';

const turningSizes = (tool: Extract<FormTool, { kind: 'fly' | 'multi' }>) =>
  tool.kind === 'fly'
    ? { diameterMm: 2 * tool.swingMm, teeth: 1 }
    : { diameterMm: tool.diameterMm, teeth: tool.teeth };

/** The tool of the drawer that a form cutter is, and keeping it there. */
export function useKeepCutter(form: Form) {
  const { records: tools } = useRecords('tools');
  const say = useUndo((state) => state.say);
  const known = tools.find(({ id, archived }) => !archived && id === form.body.toolId) ?? null;
  const keep = () => {
    if (!form.shape) return;
    const id = known?.id ?? newId();
    const tool = toolOfForm(form, form.shape);
    void save('tools', id, known?.version ?? 0, known ? ({ ...known.body, ...tool } as ToolBody) : tool);
    if (known)
      say('The drawer knows it as it is now.', () => void save('tools', id, known.version + 1, known.body));
    else form.change({ toolId: id }, 'Kept in the drawer.');
  };
  return { toolId: known?.id ?? null, tool: known, keep };
}
