/** Marks a part that belongs to the screen and not to a printed page. */
export const NOT_PRINTED = { dataSet: { print: 'no' } };
