// Written by `npm run lists` from the files of this folder; not to be edited.
import { car } from './car';
import { claim } from './claim';
import { colour } from './colour';
import { finding } from './finding';
import { fluid } from './fluid';
import { gap } from './gap';
import { log } from './log';
import { look } from './look';
import { mark } from './mark';
import { mech } from './mech';
import { photo } from './photo';
import { piece } from './piece';
import { placard } from './placard';
import { plating } from './plating';
import { reading } from './reading';
import { road } from './road';
import { rust } from './rust';
import { shut } from './shut';
import { spot } from './spot';
import { stance } from './stance';
import { start } from './start';
import { tire } from './tire';
import { tried } from './tried';
import { visit } from './visit';
import { waves } from './waves';
import { weak } from './weak';
import { wet } from './wet';

export const KIND_WORDS = {
  car,
  claim,
  colour,
  finding,
  fluid,
  gap,
  log,
  look,
  mark,
  mech,
  photo,
  piece,
  placard,
  plating,
  reading,
  road,
  rust,
  shut,
  spot,
  stance,
  start,
  tire,
  tried,
  visit,
  waves,
  weak,
  wet,
} as const;
