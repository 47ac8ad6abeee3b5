/** A row of a record whose body is the JSON text that the database wrote. */
export interface StoredRow {
  readonly id: string;
  readonly version: number;
  readonly archived: boolean;
  readonly updated_at: Date;
  readonly body: string;
}

/** A record as JSON. Its body passes through unread, because reading and writing it again takes most of the time. */
export const storedJson = ({ id, version, archived, updated_at, body }: StoredRow): string =>
  `{"id":"${id}","version":${version},"archived":${archived},"updatedAt":"${updated_at.toISOString()}","body":${body}}`;
