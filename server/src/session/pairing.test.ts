import { Pairing, type Code } from './pairing';

const MINUTE = 60_000;

describe('the code for the next device', () => {
  let now: number;
  let changes: Code[];
  let pairing: Pairing;
  beforeEach(() => {
    now = 1_800_000_000_000;
    changes = [];
    pairing = new Pairing(
      () => now,
      (code) => changes.push(code),
    );
  });
  const wrong = () => String((Number(pairing.code.code) + 1) % 1_000_000).padStart(6, '0');

  it('is six digits, and the same until it is used or old', () => {
    const { code, untilMs } = pairing.code;
    expect(code).toMatch(/^\d{6}$/);
    now = untilMs - 1;
    expect(pairing.code.code).toBe(code);
    now = untilMs;
    expect(pairing.code.untilMs).toBe(untilMs + 15 * MINUTE);
  });

  it('lets one device in, and then is another', () => {
    const { code } = pairing.code;
    expect(pairing.use(code)).toBe(true);
    expect(changes).toHaveLength(1);
    expect(changes[0]).toEqual(pairing.code);
  });

  it('is refused when it is old', () => {
    const { code, untilMs } = pairing.code;
    now = untilMs;
    expect([code === pairing.code.code, pairing.use(code)]).toEqual([false, false]);
  });

  it('changes after ten wrong ones, and not before', () => {
    const { code } = pairing.code;
    for (let i = 0; i < 9; i += 1) expect(pairing.use(wrong())).toBe(false);
    expect(pairing.code.code).toBe(code);
    expect(pairing.use(wrong())).toBe(false);
    expect(changes).toHaveLength(1);
  });

  it.each(['', '1', '1234567', 'abcdef', '００００００'])('is not %p', (given) =>
    expect(pairing.use(given)).toBe(false),
  );
});
