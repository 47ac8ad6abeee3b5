import { ARCHIVE, KINDS, takeInAnswer, type Kind, type Take, type TakeInAnswer } from '@pike-stone/contract';
import { ask, fetchFile } from './api';
import { readAgain } from './shop-cache';

const ADDRESS = '/api/archive';

/** The whole shop as one file. */
export const fetchShop = (signal: AbortSignal): Promise<Blob> => fetchFile(ADDRESS, signal);

/** Every record of a kind as a CSV file. */
export const fetchTable = (kind: Kind, signal: AbortSignal): Promise<Blob> =>
  fetchFile(`${ADDRESS}/${kind}.csv`, signal);

/**
 * Looks at an archive, or takes it in.
 * @throws Refusal when it is no archive of a shop; Unreachable when nobody answers, or the signal ends it
 */
export async function readArchive(file: Blob, take: Take, signal: AbortSignal): Promise<TakeInAnswer> {
  const answer = await ask(`${ADDRESS}?take=${take}`, takeInAnswer, {
    method: 'POST',
    headers: { 'Content-Type': ARCHIVE.mediaType },
    body: file,
    signal,
  });
  if (answer.taken) for (const kind of [...KINDS, 'stock-levels']) readAgain(`/api/${kind}`);
  return answer;
}
