import type { ChildProcess } from 'node:child_process';

export interface Listening {
  readonly host: string;
  readonly port: number;
  readonly applied: number;
  readonly loaded: boolean;
}

/** A code by which a new device may come in, and how long it is good for. */
export interface PairingCode {
  readonly code: string;
  readonly untilMs: number;
}

interface Log {
  readonly path: string;
  readonly takes: (child: ChildProcess) => void;
}

interface Program<Heard> {
  readonly child: ChildProcess;
  readonly ended: Promise<number | string | null>;
  readonly listening: Promise<Heard>;
  readonly stop: () => Promise<void>;
}

/** Starts the server program as a child and hears from it when it listens. */
export function startServer(
  env: Record<string, string>,
  log?: Log,
  onPairing?: (pairing: PairingCode) => void,
): Program<Listening>;

/** Starts the simulated instruments; `listening` is where they speak, as PIKE_INSTRUMENTS wants it. */
export function startStandIns(env?: Record<string, string>, log?: Log): Program<string>;
