import { renderToStaticMarkup } from 'react-dom/server';
import { colourSheet } from '../theme/colours';
import { RAIL_MEDIA } from '../theme/theme';
import { Frame } from './Frame';
import { pageRules } from './page-rules';
import { FRAME, rulesWithin } from './rules';

/** Which parts of the frame a page shows, by the width of the screen and the marks that were set for the page. */
const SHOWN = [
  `#frame{display:contents}`,
  `[data-show=rail]{display:none!important}`,
  `@media ${RAIL_MEDIA}{[data-show=rail]{display:flex!important}[data-show=bar]{display:none!important}}`,
  `:root:not([data-frame~=under]) [data-show=back],:root:not([data-frame~=about]) [data-show=about]{display:none!important}`,
  `[data-frame~=bare] [data-show=bar],[data-frame~=bare] [data-show=rail]{display:none!important}`,
  `#frame [aria-current]{border-color:var(--accent)!important}`,
].join('');

/** The frame as the page holds it: its markup and its styles. */
export const frame = (): { markup: string; styles: string } => {
  const markup = renderToStaticMarkup(<Frame />);
  return {
    markup: `<div id="frame">${markup}</div>`,
    styles: colourSheet() + rulesWithin(FRAME, pageRules()) + SHOWN,
  };
};
