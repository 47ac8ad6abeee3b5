import type * as Maker from './pdf';

/** What makes PDF and DXF files: as large as a third of the pages, so it comes when it is asked for. */
export const fileMaker = (): Promise<typeof Maker> =>
  import('./pdf').catch(() => {
    throw new Error(
      'What makes the file is not on this device yet, and the shop’s computer does not answer. Try again when it does.',
    );
  });
