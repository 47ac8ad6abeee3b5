import type { Form } from './use-form';

/** Teeth of the gear that a form is cut for; null for a form that is none of a gear. */
export const teethOf = ({ body, shape }: Form): number | null =>
  body.source.kind === 'gear'
    ? body.source.gear.teeth
    : shape?.clock
      ? Math.round(Math.PI / Math.atan2(shape.clock.tipPoint[0], shape.clock.tipPoint[1]))
      : null;
