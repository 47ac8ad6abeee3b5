import type { InstrumentEvent } from '@pike-stone/contract';
import { enter, expect, test } from '../fixtures/shop';

test.use({ withInstruments: true });

test.describe('the instruments of the shop’s computer', () => {
  test('are listed; one that is not there is a problem', async ({ request }) => {
    await enter(request);
    const { instruments } = (await (await request.get('/api/instruments')).json()) as {
      instruments: { kind: string; name: string }[];
    };
    expect(instruments.map(({ kind }) => kind)).toEqual([
      'tachometer',
      'ammeter',
      'caliper',
      'angle-gauge',
      'balance',
    ]);
    const none = await request.get('/api/instruments/barometer/stream');
    expect(none.status()).toBe(404);
    expect(none.headers()['content-type']).toContain('application/problem+json');
  });

  test('stream what they read, one that is held to a size near that size', async ({ shop, request }) => {
    const cookie = (await enter(request)).headers()['set-cookie']!.split(';')[0]!;
    const abort = new AbortController();
    const response = await fetch(`${shop.url}/api/instruments/caliper/stream?near=95`, {
      headers: { cookie },
      signal: abort.signal,
    });
    expect(response.headers.get('content-type')).toContain('text/event-stream');
    const events: InstrumentEvent[] = [];
    let text = '';
    for await (const chunk of response.body as unknown as AsyncIterable<Uint8Array>) {
      text += new TextDecoder().decode(chunk);
      const parts = text.split('\n\n');
      text = parts.pop()!;
      events.push(
        ...parts.flatMap((part) =>
          part.startsWith('data: ') ? [JSON.parse(part.slice(6)) as InstrumentEvent] : [],
        ),
      );
      if (events.flatMap(({ value }) => value).filter((value) => Math.abs(value - 95) < 0.2).length > 5)
        break;
    }
    abort.abort();
    expect(events.some(({ standIn, state }) => standIn === true && state === 'live')).toBe(true);
  });

  test('are for the shop only', async ({ shop }) => {
    expect((await fetch(`${shop.url}/api/instruments/caliper/stream`)).status).toBe(401);
  });
});
