/** Marks of parts of a page, by which its style sheet, its printing or a return to it finds them. */

/** The part of a page that scrolls: on the way back to the page it is as far down as it was. */
export const SCROLLS = { dataSet: { scrolls: 'page' } };

/** It scrolls sideways, so that something of it always lies outside. */
export const SIDEWAYS = { dataSet: { sideways: 'yes' } };

/** It belongs to the screen and not to a printed page. */
export const NOT_PRINTED = { dataSet: { print: 'no' } };
