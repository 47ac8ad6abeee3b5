import type { InstrumentKind } from '@pike-stone/contract';
import { USUAL_IDLE_A } from '@pike-stone/core/compare';
import type { Chance } from './chance';

/** A line, and its delay; lines with different delays may overtake each other. */
interface Spoken {
  readonly text: string;
  readonly delayMs: number;
}

/** A simulated instrument: advanced in steps of its own clock, it gives the lines of a real one. */
export interface StandIn {
  readonly word: string;
  /** The measured value: rpm, ampere, mm, degrees or grams. */
  near(value: number): void;
  advance(fromS: number, toS: number): Spoken[];
}

const LATE_MS = [150, 450] as const;
/** Times without any line, as when a cable is touched. */
const DROP_OUT = { everyS: 7, lastsS: 1.1 } as const;
const silent = (t: number): boolean => t % DROP_OUT.everyS > DROP_OUT.everyS - DROP_OUT.lastsS;

/** Sends some lines late and cuts off or spoils others. */
function overTheLine(chance: Chance, text: string): Spoken {
  const delayMs = chance.once(0.02) ? chance.between(...LATE_MS) : 0;
  if (chance.once(0.006))
    return { text: text.slice(0, Math.max(1, Math.floor(chance.between(0, text.length)))), delayMs };
  if (chance.once(0.006)) return { text: text.replace(/\d/, '~'), delayMs };
  return { text, delayMs };
}

const MISSED = 0.02;
const DOUBLED = 0.012;
/** Speed of a belt-driven spindle over the speed that the pulleys say. */
const BELT_SLIP = 0.982;

/** One pulse for each turn of a spindle that wanders a little; some pulses are missed, some doubled. */
function tachometer(chance: Chance): StandIn {
  let rpm = 440 * BELT_SLIP;
  let next = 0;
  return {
    word: 'TACH',
    near: (value) => {
      rpm = value * BELT_SLIP;
    },
    advance: (from, to) => {
      const said: Spoken[] = [];
      if (next < from) next = from;
      while (next < to) {
        if (!silent(next) && !chance.once(MISSED)) {
          said.push(overTheLine(chance, `TACH ${next.toFixed(4)} P`));
          if (chance.once(DOUBLED))
            said.push(overTheLine(chance, `TACH ${(next + chance.between(0.003, 0.008)).toFixed(4)} P`));
        }
        next += (60 / (rpm * (1 + 0.002 * Math.sin(next / 3)))) * (1 + chance.noise(0.002));
      }
      if (said.length === 0 && !silent(to)) said.push({ text: `TACH ${to.toFixed(2)} -`, delayMs: 0 });
      return said;
    },
  };
}

interface Steady {
  readonly word: string;
  readonly unit: string;
  readonly start: number;
  readonly noise: number;
  readonly places: number;
  readonly everyS: number;
  /** The displayed value at a time, from the measured value. */
  readonly at: (value: number, t: number) => number;
}

/** An instrument that sends a value a few times a second. */
function steady({ word, unit, start, noise, places, everyS, at }: Steady): (chance: Chance) => StandIn {
  return (chance) => {
    let value = start;
    let next = 0;
    return {
      word,
      near: (held) => {
        value = held;
      },
      advance: (from, to) => {
        const said: Spoken[] = [];
        if (next < from) next = from;
        for (; next < to; next += everyS) {
          if (!silent(next))
            said.push(
              overTheLine(
                chance,
                `${word} ${next.toFixed(2)} ${(at(value, next) + chance.noise(noise)).toFixed(places)} ${unit}`,
              ),
            );
        }
        return said;
      },
    };
  };
}

/** Seconds at idle, and as long in the cut. */
const IDLE_S = 3;
/** Current of a small motor that idles, with cuts between: its value is the current in the cut. */
const ammeter = steady({
  word: 'AMP',
  unit: 'A',
  start: 3.5,
  noise: 0.04,
  places: 2,
  everyS: 0.1,
  at: (cutA, t) => (t % (2 * IDLE_S) > IDLE_S ? cutA : USUAL_IDLE_A),
});
/** Caliper jaws that settle on the work, slightly above a round size. */
const caliper = steady({
  word: 'CAL',
  unit: 'mm',
  start: 25.4,
  noise: 0.012,
  places: 2,
  everyS: 0.125,
  at: (size) => size * 1.0004 + 0.01,
});
const angleGauge = steady({
  word: 'ANG',
  unit: 'deg',
  start: 12,
  noise: 0.05,
  places: 1,
  everyS: 0.2,
  at: (angle) => angle + 0.1,
});
/** A pocket balance with a carbide rod of 10 by 100 mm on it. */
const balance = steady({
  word: 'BAL',
  unit: 'g',
  start: 113.5,
  noise: 0.02,
  places: 2,
  everyS: 0.2,
  at: (mass) => mass,
});

export const STAND_INS: Readonly<Record<InstrumentKind, (chance: Chance) => StandIn>> = {
  tachometer,
  ammeter,
  caliper,
  'angle-gauge': angleGauge,
  balance,
};
