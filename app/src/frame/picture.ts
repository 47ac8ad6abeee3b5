import { PICTURE_ELEMENT, type Picture } from '@pike-stone/contract';
import { TWO_PANES } from '../theme/widths';
import { FRAME_MAIN } from './rules';

// This file stands in the page, so it is small.

/** The pages of which this device keeps a picture: those that are opened first. */
const PICTURED = ['/', '/cut'] as const;
const NAME = 'pike-picture ';
export const pictureName = (path: string): string | null =>
  (PICTURED as readonly string[]).includes(path) ? NAME + path : null;
const isPicture = (name: string): boolean => name.startsWith(NAME);

/** What a picture is of: the address, the room it has, the size of text, and all that this device keeps of choices. */
export const pictureOf = (): string =>
  JSON.stringify([
    window.location.pathname + window.location.search,
    window.innerWidth,
    getComputedStyle(document.documentElement).fontSize,
    ...Object.keys(localStorage)
      .filter((name) => !isPicture(name))
      .sort()
      .map((name) => [name, localStorage.getItem(name)]),
  ]);

/** The picture that this device keeps of the page that is opened; null when it has none of just this page. */
export function keptPicture(): Picture | null {
  const name = pictureName(window.location.pathname);
  const text = name && localStorage.getItem(name);
  if (!text) return null;
  try {
    const { of, ...picture } = JSON.parse(text) as Picture & { readonly of: unknown };
    return of === pictureOf() ? picture : null;
  } catch {
    localStorage.removeItem(name as string);
    return null;
  }
}

/** The picture that the server has put into the page: of one pane, for a phone that keeps no choices yet. */
export function toldPicture(): Picture | null {
  const text = document.getElementById(PICTURE_ELEMENT)?.textContent;
  const keepsNothing = Object.keys(localStorage).every(isPicture);
  return text && keepsNothing && window.innerWidth < TWO_PANES ? (JSON.parse(text) as Picture) : null;
}

/** Forgets what the pages looked like: they would say something else now. */
export const forgetPictures = (): void =>
  Object.keys(localStorage)
    .filter(isPicture)
    .forEach((name) => localStorage.removeItem(name));

/** Puts a picture into the frame. */
export function showPicture({ markup, rules }: Picture): void {
  const main = document.querySelector<HTMLElement>(FRAME_MAIN);
  // Not every browser takes a style sheet from a script.
  if (!main || !('adoptedStyleSheets' in document)) return;
  const sheet = new CSSStyleSheet();
  sheet.replaceSync(rules);
  document.adoptedStyleSheets = [...document.adoptedStyleSheets, sheet];
  main.innerHTML = markup;
  main.inert = true;
  // The page's policy refuses styles that are written in markup.
  for (const one of main.querySelectorAll<HTMLElement>('[data-style]'))
    one.style.cssText = one.dataset['style'] ?? '';
}
