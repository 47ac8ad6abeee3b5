import type { ChildProcess } from 'node:child_process';

export interface Listening {
  readonly host: string;
  readonly port: number;
  readonly applied: number;
  readonly loaded: boolean;
}

interface Program<Heard> {
  readonly child: ChildProcess;
  readonly ended: Promise<number | null>;
  readonly listening: Promise<Heard>;
  readonly stop: () => Promise<void>;
}

/** Starts the server program as a child and hears from it when it listens. */
export function startServer(env: Record<string, string>, logFile?: string): Program<Listening>;

/** Starts the simulated instruments; `listening` is where they speak, as PIKE_INSTRUMENTS wants it. */
export function startStandIns(env?: Record<string, string>, logFile?: string): Program<string>;
