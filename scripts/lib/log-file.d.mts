interface Log {
  readonly path: string;
  readonly write: (chunk: string | Buffer) => void;
  /** The last lines. */
  readonly tail: () => string;
  readonly close: () => Promise<void>;
}

/** A log in a folder, set aside at its size; the oldest go. */
export function openLog(folder: string, name: string): Promise<Log>;
