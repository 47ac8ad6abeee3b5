import { createHash } from 'node:crypto';
import { Readable, Transform, type Writable } from 'node:stream';
import { finished, pipeline } from 'node:stream/promises';
import { factsOf, KINDS, oncePerKind, type Kind } from '@pike-stone/contract';
import {
  ARCHIVE,
  linesOf,
  pictureOf,
  type ArchiveFile,
  type ArchiveManifest,
} from '@pike-stone/contract/archive';
import { ZipFile } from 'yazl';
import * as z from 'zod';
import type { ShopClient } from '../db/shop-pool';
import { storedJson } from '../record/stored-json';
import { rowsOf } from './rows';

const READ_ME = `The whole of one shop, as it was when the archive was made.

manifest.json          what is in here, with the SHA-256 of every file
records/<kind>.jsonl   one record a line, as JSON: its id, version, whether it is put away, when it was
                       changed, and its body
photos/<id>.jpg        the picture of the record with this id
schemas/<kind>.json    JSON Schema of the bodies of a kind

Lengths are in millimetres, speeds in metres a minute or turns a minute, angles in degrees; the unit
of a figure is in its name. Nothing in here needs this application to be read.
`;

/** A picture is a file of its own; the line of its record says which. */
const PICTURE_BODY = `case when body ->> 'jpeg' = '' then '{"file":null}' else format('{"file":"%s"}', 'photos/' || id || '.jpg') end`;

/**
 * Writes everything that a shop has as one zip file.
 * @param client  a connection that sees the shop as it is now until the end
 * @throws what the output throws when nobody reads it any more
 */
export async function writeArchive(
  client: ShopClient,
  shop: ArchiveManifest['shop'],
  output: Writable,
  now: Date,
): Promise<void> {
  const zip = new ZipFile();
  const gone = new AbortController();
  const sent = pipeline(zip.outputStream, output).catch((error: unknown) => {
    gone.abort(error);
    throw error;
  });
  sent.catch(() => undefined);
  const files: ArchiveFile[] = [];
  const add = async (path: string, parts: Iterable<string | Buffer> | AsyncIterable<string>) => {
    const hash = createHash('sha256');
    let bytes = 0;
    const counted = new Transform({
      transform(chunk: Buffer, _encoding, done) {
        hash.update(chunk);
        bytes += chunk.length;
        done(null, chunk);
      },
    });
    const source = Readable.from(parts, { objectMode: false });
    zip.addReadStream(counted, path, { mtime: now, compress: !path.endsWith('.jpg') });
    await Promise.all([
      pipeline(source, counted, { signal: gone.signal }),
      finished(counted, { signal: gone.signal }),
    ]);
    const file: ArchiveFile = { path, bytes, sha256: hash.digest('hex') };
    files.push(file);
    return file;
  };
  try {
    await add('README.txt', [READ_ME]);
    for (const kind of KINDS) await addRecords(client, shop.id, kind, add);
    for await (const rows of rowsOf(client, shop.id, 'photos', `body ->> 'jpeg'`))
      for (const { id, body } of rows)
        if (body !== '') await add(pictureOf(id), [Buffer.from(body, 'base64')]);
    const manifest: ArchiveManifest = {
      format: ARCHIVE.format,
      version: ARCHIVE.version,
      madeAt: now.toISOString(),
      shop,
      files: [...files],
    };
    await add(ARCHIVE.manifest, [`${JSON.stringify(manifest, null, 2)}\n`]);
    zip.end();
  } catch (error) {
    (zip.outputStream as Readable).destroy(error as Error);
    throw error;
  }
  await sent;
}

const schemaOf = oncePerKind((kind) => {
  const schema = z.toJSONSchema(factsOf(kind).body, { unrepresentable: 'any', io: 'output' });
  return `${JSON.stringify(schema, null, 2)}\n`;
});

async function addRecords(
  client: ShopClient,
  shopId: string,
  kind: Kind,
  add: (path: string, parts: Iterable<string> | AsyncIterable<string>) => Promise<{ records?: number }>,
): Promise<void> {
  await add(`schemas/${kind}.json`, [schemaOf(kind)]);
  let records = 0;
  async function* lines(): AsyncGenerator<string> {
    for await (const rows of rowsOf(client, shopId, kind, kind === 'photos' ? PICTURE_BODY : undefined)) {
      records += rows.length;
      yield rows.map((row) => `${storedJson(row)}\n`).join('');
    }
  }
  const file = await add(linesOf(kind), lines());
  file.records = records;
}
