/**
 * Here the browser refuses to store, or to take a style sheet from a script: only this environment can be made to.
 * @jest-environment jsdom
 */
import { endPictures, keepPictures } from './keep-picture';
import { forgetPictures, keptPicture, showPicture, toldPicture } from './picture';
import { rulesWithin } from './rules';

jest.mock('./page-rules', () => ({
  pageRules: () =>
    '.css-a{margin:0px;}\n.r-b{color:red;}\n.r-unused{color:blue;}\n@keyframes r-turn{0%{top:0}}',
}));

const sheets: string[] = [];
class Sheet {
  replaceSync(text: string) {
    sheets.push(text);
  }
}
const page = (inside: string, around = '') =>
  void (document.body.innerHTML = `<div id="root"><div role="main">${inside}</div></div>${around}`);
const frame = () =>
  void (document.body.innerHTML = '<div id="frame"><a>Cut</a><div role="main"><h1>Bench</h1></div></div>');
const leave = () => void window.dispatchEvent(new Event('pagehide'));

let stop: () => void;
beforeEach(() => {
  localStorage.clear();
  sheets.length = 0;
  window.history.replaceState(null, '', '/');
  Object.assign(globalThis, { CSSStyleSheet: Sheet });
  Object.assign(document, { adoptedStyleSheets: [] });
  stop = keepPictures();
});
afterEach(() => stop());

test('a page that is left is kept, and stands in the frame untouchable, with its styles', () => {
  page('<b class="css-a r-b" style="width: 5px;">118 rpm</b>');
  leave();
  const picture = keptPicture();
  expect(picture?.rules).toBe('#frame [role=main] .css-a{margin:0px;}#frame [role=main] .r-b{color:red;}');
  // The page's policy refuses this attribute.
  expect(picture?.markup).not.toContain(' style=');
  frame();
  showPicture(picture!);
  const part = document.querySelector<HTMLElement>('#frame [role=main]')!;
  expect([part.textContent, part.inert, part.querySelector('b')?.style.width]).toEqual([
    '118 rpm',
    true,
    '5px',
  ]);
  expect([sheets.length, document.querySelector('a')?.textContent]).toEqual([1, 'Cut']);
});

test.each([
  ['another page', () => window.history.replaceState(null, '', '/cut')],
  ['another cut', () => window.history.replaceState(null, '', '/?workDiameterMm=61')],
  ['another choice', () => localStorage.setItem('pike-preferences', '{"state":{"units":"inch"}}')],
  ['another width', () => Object.assign(window, { innerWidth: window.innerWidth + 1 })],
  ['another size of text', () => void (document.documentElement.style.fontSize = '21px')],
  ['what is spoiled', () => localStorage.setItem('pike-picture /', 'spoiled')],
  ['pictures that were forgotten', forgetPictures],
])('there is none of %s', (_what, change) => {
  page('118 rpm');
  leave();
  expect(keptPicture()).not.toBeNull();
  change();
  expect(keptPicture()).toBeNull();
  document.documentElement.style.fontSize = '';
});

test.each([
  ['an open sheet', '<div role="dialog"></div>'],
  ['what is still on its way', '<div role="progressbar"></div>'],
  ['the frame itself', '<div id="frame"></div>'],
])('with %s a page is not as it will be: nothing is kept, and nothing older', (_what, around) => {
  page('118 rpm');
  leave();
  page('118 rpm', around);
  leave();
  expect(localStorage).toHaveLength(0);
});

test('of other pages none is kept, nor on a device without room', () => {
  window.history.replaceState(null, '', '/book');
  page('118 rpm');
  leave();
  expect(localStorage).toHaveLength(0);
  window.history.replaceState(null, '', '/');
  const full = jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
    throw new Error('full');
  });
  leave();
  full.mockRestore();
  expect(keptPicture()).toBeNull();
});

test('what the server has drawn is for a phone that keeps nothing', () => {
  const told = { markup: '<b>118</b>', rules: '' };
  document.body.innerHTML = `<script type="application/json" id="picture">${JSON.stringify(told)}</script>`;
  Object.assign(window, { innerWidth: 390 });
  expect(toldPicture()).toEqual(told);
  Object.assign(window, { innerWidth: 700 });
  expect(toldPicture()).toBeNull();
  Object.assign(window, { innerWidth: 390 });
  localStorage.setItem('pike-preferences', '{}');
  expect(toldPicture()).toBeNull();
});

test('a browser that takes no style sheet from a script keeps its frame', () => {
  frame();
  Reflect.deleteProperty(document, 'adoptedStyleSheets');
  showPicture({ markup: 'x', rules: '' });
  expect(document.querySelector('[role=main]')?.textContent).toBe('Bench');
});

test('of rules with several selectors those stay that are used', () =>
  expect(rulesWithin('#f', '.r-a>*, .r-b>*{top:1px;}', (name) => name === 'r-b')).toBe(
    '#f .r-b>*{top:1px;}',
  ));

test('a device that is in another shop, or in none, keeps none from then on', () => {
  page('118 rpm');
  leave();
  endPictures();
  expect(keptPicture()).toBeNull();
  // Opening the other shop leaves the page that still shows this one.
  leave();
  expect(localStorage).toHaveLength(0);
});
