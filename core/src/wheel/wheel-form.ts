/** Shapes of grinding wheels. */
export const WHEEL_FORMS = ['straight', 'cup', 'dish', 'cut-off', 'mounted'] as const;
export type WheelForm = (typeof WHEEL_FORMS)[number];

/** Forms that are made to be ground on at the side. */
export const groundOnSide = (form: WheelForm): boolean => form === 'cup' || form === 'dish';
