interface Backup {
  readonly file: string;
  /** Time of the backup, ms. */
  readonly at: number;
}

/** Time of a backup by its name, or null when it is none. */
export function timeOf(file: string): number | null;

/** Backups that the rule lets go, of all of a folder newest first. */
export function tooMany(backups: readonly Backup[], now: number): Backup[];
