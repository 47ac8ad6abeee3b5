import { createHash } from 'node:crypto';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { type Kind } from '@pike-stone/contract';
import { ARCHIVE, archiveManifest, linesOf, type ArchiveManifest } from '@pike-stone/contract/archive';
import split from 'split2';
import { openPromise, type Entry, type ZipFile } from 'yauzl';
import { HttpProblem } from '../http/problem';

const MOST_FILES = 200_000;
const MOST_MANIFEST = 40 * 1024 ** 2;
/** Bytes that an archive may hold unpacked. Records pack to about a tenth; what packs to a fortieth is no shop. */
const MOST_UNPACKED = 40 * ARCHIVE.mostBytes;

const unreadable = (detail: string): HttpProblem => new HttpProblem(400, 'Not readable', detail);

const bytesOf = async (stream: Readable): Promise<Buffer> => {
  const chunks: Buffer[] = [];
  for await (const chunk of stream) chunks.push(chunk as Buffer);
  return Buffer.concat(chunks);
};

/** An archive of a shop in a file, open to be read. */
export class Archive {
  /** Paths of files that were read. */
  readonly #read = new Set<string>();
  /** Paths of files whose checksum is not the one that was written. */
  readonly changed = new Set<string>();

  private constructor(
    readonly manifest: ArchiveManifest,
    private readonly zip: ZipFile,
    private readonly entries: ReadonlyMap<string, Entry>,
  ) {}

  /** @throws HttpProblem when the file is no archive of a shop, or one of a newer version */
  static async open(path: string): Promise<Archive> {
    const zip = await openPromise(path, { lazyEntries: true, autoClose: false }).catch(() => {
      throw unreadable('This file is no zip file, or it is not whole.');
    });
    try {
      const entries = await entriesOf(zip);
      return new Archive(await manifestOf(zip, entries), zip, entries);
    } catch (error) {
      zip.close();
      throw error instanceof HttpProblem ? error : unreadable('This zip file is damaged.');
    }
  }

  close(): void {
    this.zip.close();
  }

  /** The lines of the file of a kind, one after another; none where the archive has no such file. */
  async *lines(kind: Kind): AsyncGenerator<string> {
    const path = linesOf(kind);
    const entry = this.entries.get(path);
    if (!entry) {
      if (this.expected(path)) this.changed.add(path);
      return;
    }
    const hash = createHash('sha256');
    let stream: Readable | undefined;
    try {
      stream = await this.zip.openReadStreamPromise(entry);
      stream.on('data', (chunk: Buffer) => hash.update(chunk));
      const lines = stream.pipe(split({ maxLength: ARCHIVE.mostLine }));
      stream.on('error', (error) => lines.destroy(error));
      for await (const line of lines) yield line as string;
    } catch {
      this.changed.add(path);
      throw unreadable(`${path} is damaged: it cannot be read to its end.`);
    } finally {
      stream?.destroy();
    }
    this.compare(path, hash.digest('hex'));
  }

  /** A small file as a whole; null when it is not there or longer than `most` bytes. */
  async file(path: string, most: number): Promise<Buffer | null> {
    const entry = this.entries.get(path);
    if (!entry || entry.uncompressedSize > most) return null;
    const bytes = await this.zip
      .openReadStreamPromise(entry)
      .then(bytesOf)
      .catch(() => null);
    if (bytes) this.compare(path, createHash('sha256').update(bytes).digest('hex'));
    else this.changed.add(path);
    return bytes;
  }

  /** Compares the files that nobody has read with what was written. */
  async compareRest(): Promise<void> {
    for (const { path } of this.manifest.files) {
      if (this.#read.has(path)) continue;
      const entry = this.entries.get(path);
      const hash = createHash('sha256');
      try {
        if (entry) await pipeline(await this.zip.openReadStreamPromise(entry), hash);
        this.compare(path, hash.digest('hex'));
      } catch {
        this.changed.add(path);
      }
    }
  }

  private expected(path: string): string | undefined {
    return this.manifest.files.find((file) => file.path === path)?.sha256;
  }

  private compare(path: string, sha256: string): void {
    this.#read.add(path);
    if (this.expected(path) !== sha256) this.changed.add(path);
  }
}

async function entriesOf(zip: ZipFile): Promise<Map<string, Entry>> {
  if (zip.entryCount > MOST_FILES) throw unreadable(`It holds more than ${MOST_FILES} files.`);
  const entries = new Map<string, Entry>();
  let unpacked = 0;
  for await (const entry of zip.eachEntry()) {
    unpacked += entry.uncompressedSize;
    entries.set(entry.fileName, entry);
  }
  if (unpacked > MOST_UNPACKED) throw unreadable('It would unpack to more than any shop has.');
  return entries;
}

async function manifestOf(zip: ZipFile, entries: ReadonlyMap<string, Entry>): Promise<ArchiveManifest> {
  const entry = entries.get(ARCHIVE.manifest);
  if (!entry || entry.uncompressedSize > MOST_MANIFEST)
    throw unreadable(`It is no archive of a shop: it has no ${ARCHIVE.manifest}.`);
  const text = (await bytesOf(await zip.openReadStreamPromise(entry))).toString('utf8');
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    throw unreadable(`Its ${ARCHIVE.manifest} is not JSON.`);
  }
  const read = archiveManifest.safeParse(value);
  if (!read.success) throw unreadable(`${ARCHIVE.manifest}: ${read.error.issues[0]!.message}`);
  return read.data;
}
