import type { DemoLot } from '../lot';
import { LOT_01 } from './lot-01';
import { LOT_02 } from './lot-02';
import { LOT_03 } from './lot-03';
import { LOT_04 } from './lot-04';
import { LOT_05 } from './lot-05';
import { LOT_06 } from './lot-06';
import { LOT_07 } from './lot-07';
import { LOT_08 } from './lot-08';
import { LOT_09 } from './lot-09';
import { LOT_10 } from './lot-10';
import { LOT_11 } from './lot-11';
import { LOT_12 } from './lot-12';
import { LOT_13 } from './lot-13';
import { LOT_14 } from './lot-14';
import { LOT_15 } from './lot-15';
import { LOT_16 } from './lot-16';
import { LOT_17 } from './lot-17';
import { LOT_18 } from './lot-18';
import { LOT_19 } from './lot-19';
import { LOT_20 } from './lot-20';
import { LOT_21 } from './lot-21';
import { LOT_22 } from './lot-22';
import { LOT_23 } from './lot-23';
import { LOT_24 } from './lot-24';

/** The Tramshed Dispersal. A lot is one file here and its name in this list: docs/how-to/add-a-demo-lot.md. */
export const LOTS: readonly DemoLot[] = [
  LOT_01,
  LOT_02,
  LOT_03,
  LOT_04,
  LOT_05,
  LOT_06,
  LOT_07,
  LOT_08,
  LOT_09,
  LOT_10,
  LOT_11,
  LOT_12,
  LOT_13,
  LOT_14,
  LOT_15,
  LOT_16,
  LOT_17,
  LOT_18,
  LOT_19,
  LOT_20,
  LOT_21,
  LOT_22,
  LOT_23,
  LOT_24,
];
