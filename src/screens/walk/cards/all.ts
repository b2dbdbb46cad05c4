// Written by `npm run lists` from the files of this folder; not to be edited.
import { bay } from './bay';
import { findings } from './findings';
import { fragile } from './fragile';
import { functions } from './functions';
import { looks } from './looks';
import { marks } from './marks';
import { measured } from './measured';
import { next } from './next';
import { numbers } from './numbers';
import { photos } from './photos';
import { pieces } from './pieces';
import { practice } from './practice';
import { questions } from './questions';
import { seams } from './seams';
import { spot } from './spot';
import { tire } from './tire';
import { twin } from './twin';
import { weak } from './weak';

export const ZONE_CARDS = {
  bay,
  findings,
  fragile,
  functions,
  looks,
  marks,
  measured,
  next,
  numbers,
  photos,
  pieces,
  practice,
  questions,
  seams,
  spot,
  tire,
  twin,
  weak,
} as const;
