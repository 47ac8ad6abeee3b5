/** Numbers from 0 to 1 by a seed (Mulberry32), so that a run can be repeated. */
export function chanceOf(seed) {
  let state = seed >>> 0;
  const next = () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
  const below = (most) => Math.floor(next() * most);
  return { next, below, oneOf: (list) => list[below(list.length)] };
}
