import {
  COOL_C,
  heatLimit,
  secondsUntil,
  tipAfter,
  tipOf,
  type BitPlan,
  type BitSteel,
  type HeatSpell,
} from '@pike-stone/core/grind';
import { useEffect, useState } from 'react';

const TICK_MS = 250;

/** What the tip has been through: grinding, pause or dip, since when, and how warm it was then. */
interface Spell {
  readonly kind: HeatSpell['kind'];
  readonly sinceMs: number;
  readonly fromC: number;
}

/** The tip's temperature as a model has it, running on from one face to the next. */
export interface TipClock {
  readonly start: (kind: HeatSpell['kind']) => void;
  /** How warm the tip is at a moment, and how long until it is too warm or cool enough, s. */
  readonly at: (nowMs: number) => {
    readonly grinding: boolean;
    readonly tipC: number;
    readonly limitC: number;
    readonly until: number | null;
  };
}

export function useTipClock(plan: BitPlan, material: BitSteel): TipClock {
  const tip = tipOf(plan, material);
  const limitC = heatLimit(material);
  const [spell, setSpell] = useState<Spell>(() => ({
    kind: 'pause',
    sinceMs: Date.now(),
    fromC: tip.ambientC,
  }));
  const tipAt = (nowMs: number): number =>
    tipAfter(tip, spell.fromC, { kind: spell.kind, seconds: Math.max(0, (nowMs - spell.sinceMs) / 1000) });
  return {
    start: (kind) => {
      const nowMs = Date.now();
      setSpell({ kind, sinceMs: nowMs, fromC: tipAt(nowMs) });
    },
    at: (nowMs) => {
      const tipC = tipAt(nowMs);
      const grinding = spell.kind === 'grind';
      const until = grinding ? secondsUntil(tip, tipC, limitC) : secondsUntil(tip, tipC, COOL_C, spell.kind);
      return { grinding, tipC, limitC, until };
    },
  };
}

/** The time, a few times a second. */
export function useNow(): number {
  const [nowMs, setNowMs] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setNowMs(Date.now()), TICK_MS);
    return () => clearInterval(timer);
  }, []);
  return nowMs;
}
