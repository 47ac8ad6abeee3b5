import { deviceName } from './device-name';

it.each([
  [
    'Mozilla/5.0 (Linux; Android 14; Pixel 8) AppleWebKit/537.36 Chrome/129.0 Mobile Safari/537.36',
    'Android phone, Chrome',
  ],
  [
    'Mozilla/5.0 (iPhone; CPU iPhone OS 18_0 like Mac OS X) AppleWebKit/605 Version/18.0 Mobile Safari/604.1',
    'iPhone, Safari',
  ],
  ['Mozilla/5.0 (X11; Linux x86_64; rv:131.0) Gecko/20100101 Firefox/131.0', 'Linux computer, Firefox'],
  [
    'Mozilla/5.0 (Windows NT 10.0) AppleWebKit/537.36 Chrome/129.0 Safari/537.36 Edg/129.0',
    'Windows computer, Edge',
  ],
  ['curl/8.5.0', 'A browser'],
  [undefined, 'A browser'],
])('%s is called %s', (userAgent, name) => expect(deviceName(userAgent)).toBe(name));
