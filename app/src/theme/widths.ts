/** From this width on a page has two panes, px. It stands alone for the script that lies in the page. */
export const TWO_PANES = 700;
