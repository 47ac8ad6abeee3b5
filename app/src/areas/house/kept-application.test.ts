import { keepApplication, useKeptApplication } from './kept-application';

/** A service worker whose state is changed by hand. */
class Worker extends EventTarget {
  state = 'installing';
  readonly messages: unknown[] = [];
  become(state: string): void {
    this.state = state;
    this.dispatchEvent(new Event('statechange'));
  }
  postMessage(message: unknown): void {
    this.messages.push(message);
  }
}

class Registration extends EventTarget {
  waiting: Worker | null = null;
  installing: Worker | null = null;
  readonly update = jest.fn(async () => undefined);
}

let registration: Registration;
const browserWith = (controller: Worker | null): void => {
  Object.defineProperty(navigator, 'serviceWorker', {
    configurable: true,
    value: Object.assign(new EventTarget(), { controller, register: async () => registration }),
  });
};
const newer = () => useKeptApplication.getState().newer;

beforeEach(() => {
  jest.useFakeTimers();
  registration = new Registration();
  useKeptApplication.setState({ newer: null });
  browserWith(new Worker());
});
afterEach(() => jest.useRealTimers());

test('one that waits already is told of', async () => {
  registration.waiting = new Worker();
  await keepApplication();
  expect(newer()).toBe(registration.waiting);
});

test('one that was on its way when the page opened is told of once it is there', async () => {
  registration.installing = new Worker();
  await keepApplication();
  expect(newer()).toBeNull();
  registration.installing.become('installed');
  expect(newer()).toBe(registration.installing);
});

test('so is one that comes later; one that fails is not', async () => {
  await keepApplication();
  const [bad, good] = [new Worker(), new Worker()];
  registration.installing = bad;
  registration.dispatchEvent(new Event('updatefound'));
  bad.become('redundant');
  expect(newer()).toBeNull();
  registration.installing = good;
  registration.dispatchEvent(new Event('updatefound'));
  good.become('installed');
  expect(newer()).toBe(good);
});

test('the first application of a device is no news', async () => {
  browserWith(null);
  registration.installing = new Worker();
  await keepApplication();
  registration.installing.become('installed');
  expect(newer()).toBeNull();
});

test('a newer one is looked for from time to time', async () => {
  await keepApplication();
  jest.advanceTimersByTime(3_600_000);
  expect(registration.update).toHaveBeenCalledTimes(2);
});
