import { proxy } from 'comlink';
import type { PhotoQuestion, PhotoTrace, PhotoWork } from './photo-pieces';
import { workerOnAsk } from './worked';

/** Only who traces a photo loads what follows its edges. */
const inWorker = workerOnAsk<PhotoWork>(() => new Worker(new URL('./photo.worker', window.location.href)));

/** The form on a photo, traced between two places. The photo stays on this device. */
export const tracePhoto = (question: PhotoQuestion, onShare: (share: number) => void): Promise<PhotoTrace> =>
  inWorker().trace(question, proxy(onShare));
