// Written by `npm run lists` from the files of this folder; not to be edited.
import { along } from './along';
import { car } from './car';
import { claim } from './claim';
import { colour } from './colour';
import { dated } from './dated';
import { done } from './done';
import { film } from './film';
import { finding } from './finding';
import { fluid } from './fluid';
import { gap } from './gap';
import { keeper } from './keeper';
import { log } from './log';
import { look } from './look';
import { mark } from './mark';
import { mech } from './mech';
import { moment } from './moment';
import { number } from './number';
import { offer } from './offer';
import { paper } from './paper';
import { part } from './part';
import { photo } from './photo';
import { piece } from './piece';
import { placard } from './placard';
import { plating } from './plating';
import { proof } from './proof';
import { reading } from './reading';
import { remedy } from './remedy';
import { restored } from './restored';
import { road } from './road';
import { rust } from './rust';
import { shut } from './shut';
import { spot } from './spot';
import { stance } from './stance';
import { standoff } from './standoff';
import { start } from './start';
import { tire } from './tire';
import { tried } from './tried';
import { visit } from './visit';
import { waves } from './waves';
import { weak } from './weak';
import { wet } from './wet';
import { worth } from './worth';

export const KIND_WORDS = {
  along,
  car,
  claim,
  colour,
  dated,
  done,
  film,
  finding,
  fluid,
  gap,
  keeper,
  log,
  look,
  mark,
  mech,
  moment,
  number,
  offer,
  paper,
  part,
  photo,
  piece,
  placard,
  plating,
  proof,
  reading,
  remedy,
  restored,
  road,
  rust,
  shut,
  spot,
  stance,
  standoff,
  start,
  tire,
  tried,
  visit,
  waves,
  weak,
  wet,
  worth,
} as const;
