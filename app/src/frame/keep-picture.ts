import type { Picture } from '@pike-stone/contract';
import { pageRules } from './page-rules';
import { forgetPictures, pictureName, pictureOf } from './picture';
import { FRAME_MAIN, rulesWithin } from './rules';

/** A page with one of these is not as it will be when it is opened. */
const UNFINISHED = '#frame,[role=dialog],[role=progressbar],[role=alert]';

function drawn(main: Element): Picture {
  const copy = main.cloneNode(true) as Element;
  for (const one of copy.querySelectorAll('[style]')) {
    one.setAttribute('data-style', one.getAttribute('style') ?? '');
    one.removeAttribute('style');
  }
  const classes = new Set([...copy.querySelectorAll('[class]')].flatMap((one) => [...one.classList]));
  return { markup: copy.innerHTML, rules: rulesWithin(FRAME_MAIN, pageRules(), (name) => classes.has(name)) };
}

/** Whether pages are kept at all. */
let keeps = true;

/** Keeps the picture of the page that is shown, when it is one of those that are opened first. */
function keepPicture(): void {
  const name = pictureName(window.location.pathname);
  const main = document.querySelector('[role=main]');
  if (!keeps || !name || !main) return;
  localStorage.removeItem(name);
  if (document.querySelector(UNFINISHED)) return;
  try {
    localStorage.setItem(name, JSON.stringify({ of: pictureOf(), ...drawn(main) }));
  } catch {
    // A device without room keeps none: the page is drawn a moment later.
  }
}

/**
 * Forgets all pictures, and keeps none until the application is opened anew: this device is in another shop, or
 * in none, and what still stands on its page is not for it.
 */
export function endPictures(): void {
  keeps = false;
  forgetPictures();
}

/** Keeps the picture whenever the page is left, which on a phone may be the last that is heard of it. */
export function keepPictures(): () => void {
  const onHidden = () => document.visibilityState === 'hidden' && keepPicture();
  window.addEventListener('pagehide', keepPicture);
  document.addEventListener('visibilitychange', onHidden);
  return () => {
    window.removeEventListener('pagehide', keepPicture);
    document.removeEventListener('visibilitychange', onHidden);
  };
}
