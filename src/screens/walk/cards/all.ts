// Written by `npm run lists` from the files of this folder; not to be edited.
import { findings } from './findings';
import { looks } from './looks';
import { marks } from './marks';
import { measured } from './measured';
import { next } from './next';
import { photos } from './photos';
import { pieces } from './pieces';
import { seams } from './seams';
import { spot } from './spot';
import { twin } from './twin';
import { weak } from './weak';

export const ZONE_CARDS = {
  findings,
  looks,
  marks,
  measured,
  next,
  photos,
  pieces,
  seams,
  spot,
  twin,
  weak,
} as const;
