/** Parts of a wheel's page that open on touch. */
export type WheelPart = 'marking' | 'size' | 'grinder' | 'dress' | 'mount' | 'rest';
