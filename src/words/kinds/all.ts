// Written by `npm run lists` from the files of this folder; not to be edited.
import { car } from './car';
import { claim } from './claim';
import { colour } from './colour';
import { finding } from './finding';
import { gap } from './gap';
import { look } from './look';
import { mark } from './mark';
import { photo } from './photo';
import { piece } from './piece';
import { plating } from './plating';
import { reading } from './reading';
import { rust } from './rust';
import { shut } from './shut';
import { spot } from './spot';
import { stance } from './stance';
import { visit } from './visit';
import { waves } from './waves';
import { weak } from './weak';

export const KIND_WORDS = {
  car,
  claim,
  colour,
  finding,
  gap,
  look,
  mark,
  photo,
  piece,
  plating,
  reading,
  rust,
  shut,
  spot,
  stance,
  visit,
  waves,
  weak,
} as const;
