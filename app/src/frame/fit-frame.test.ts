import { fitFrame } from './fit-frame';
import { FRAME_PAGES, framePage } from './pages';

const root = document.documentElement;
const fit = (path: string, kept: string | null = null) => {
  delete root.dataset['theme'];
  document.body.innerHTML =
    '<div id="frame"><h1> </h1><a href="/">Bench</a><a href="/cut">Cut</a><a href="/drawer">Drawer</a></div>';
  fitFrame(document, path, kept);
  return {
    heading: document.querySelector('h1')?.textContent ?? null,
    here: [...document.querySelectorAll('[aria-current=page]')].map((one) => one.textContent),
    marks: root.dataset['frame'],
    theme: root.dataset['theme'],
  };
};

test.each([
  ['/', 'Bench', ['Bench'], 'about'],
  ['/settings', 'Settings', ['Bench'], 'under'],
  ['/drawer', 'Drawer', ['Drawer'], ''],
  ['/cut/to-size', 'To size', ['Cut'], 'under'],
  ['/drawer/machines/0192f000-0001-7000-8000-000000000001/drive', 'Drive', ['Drawer'], 'under'],
])('%s is announced as %s', (path, heading, here, marks) =>
  expect(fit(path)).toMatchObject({ heading, here, marks }),
);

test('a page that is known only with its data has no heading yet', () => {
  expect(fit('/drawer/tools/0192f000-0003-7000-8000-000000000001').heading).toBeNull();
  expect(fit('/grind/0192f000-0008-7000-8000-000000000001/steps')).toMatchObject({
    heading: null,
    marks: 'bare',
  });
});

test('the theme that was chosen on this device comes before the first picture', () => {
  expect(fit('/', '{"state":{"theme":"dark"}}').theme).toBe('dark');
  for (const kept of [null, 'spoiled', '{"state":{"theme":"purple"}}', '{}'])
    expect(fit('/', kept).theme).toBeUndefined();
});

test('no two entries are for one path', () => {
  const paths = FRAME_PAGES.map(({ path }) => path);
  expect(new Set(paths).size).toBe(paths.length);
  expect(framePage('/cut/forecast/')?.title).toBe('What will happen');
  expect(framePage('/cut/forecast/more')).toBeUndefined();
});
