import { blurredCopy } from './blur';
import { largeCopy, middleCopy, readPicture, smallCopy } from './pictures';
import { readPlate } from './read-plate';
import { reportToSeal } from './report-to-seal';
import { weighLot } from './weigh-lot';

/** What the workshop's processes can do: a name, what is given, what is made. Both pass between processes as data. */
export const WORK = {
  readPicture,
  smallCopy,
  middleCopy,
  largeCopy,
  blurredCopy,
  reportToSeal,
  readPlate,
  weighLot,
} as const;

export type WorkName = keyof typeof WORK;
export interface WorkOf<N extends WorkName> {
  given: Parameters<(typeof WORK)[N]>[0];
  made: Awaited<ReturnType<(typeof WORK)[N]>>;
}
