import { KINDS, type Kind } from '@pike-stone/contract';
import { ARCHIVE, takeInAnswer, type Take, type TakeInAnswer } from '@pike-stone/contract/archive';
import { answerTo, ask, Unreachable } from './api';
import { readAgain } from './shop-cache';

const ADDRESS = '/api/archive';

/** A file of the server. Throws Refusal or Unreachable, also when it is cut off before its end. */
async function fetchFile(path: string, signal: AbortSignal): Promise<Blob> {
  const response = await answerTo(path, { signal });
  try {
    return await response.blob();
  } catch {
    throw new Unreachable('The file was cut off before its end.');
  }
}

/** The whole shop as one file. */
export const fetchShop = (signal: AbortSignal): Promise<Blob> => fetchFile(ADDRESS, signal);

/** Every record of a kind as a CSV file. */
export const fetchTable = (kind: Kind, signal: AbortSignal): Promise<Blob> =>
  fetchFile(`${ADDRESS}/${kind}.csv`, signal);

/**
 * Looks at an archive, or takes it in.
 * @param state  what was answered when it was looked at
 * @throws Refusal when it is no archive of a shop; Unreachable when nobody answers, or the signal ends it
 */
export async function readArchive(
  file: Blob,
  take: Take,
  signal: AbortSignal,
  state = '',
): Promise<TakeInAnswer> {
  const answer = await ask(`${ADDRESS}?take=${take}&state=${state}`, takeInAnswer, {
    method: 'POST',
    headers: { 'Content-Type': ARCHIVE.mediaType },
    body: file,
    signal,
  });
  if (answer.taken) for (const kind of [...KINDS, 'stock-levels']) readAgain(`/api/${kind}`);
  return answer;
}
