import { blurredCopy } from './blur';
import { largeCopy, middleCopy, readPicture, smallCopy } from './pictures';
import { readPlate } from './read-plate';
import { reportToSeal } from './report-to-seal';
import { weighLot } from './weigh-lot';

/** What the server's workshop does. */
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
