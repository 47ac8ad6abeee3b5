/** Marks the part of a page that scrolls: on the way back to the page it is as far down as it was. */
export const SCROLLS = { dataSet: { scrolls: 'page' } };
