import type { MakeId } from './makes';
import type { Measured } from './measured';
import type { DemoPapers } from './papers';
import type { Subject } from './pictures';
import type { DemoRun } from './running';
import type { CarTruth } from './truth';
import type { DemoVisit } from './visit';

export interface PhotoOrder {
  readonly subject: Subject;
  readonly zone: string | null;
  /** Index into the visit's findings, or null. */
  readonly finding: number | null;
  /** The fluid that it shows on a rag. */
  readonly fluid?: string;
  readonly caption: string;
  readonly figure?: string;
  readonly other?: string;
  readonly wavesMm?: number;
  readonly gapMm?: readonly [number, number];
  readonly dials?: readonly [number, number];
  /** Taken so many minutes after the first turn of the key. */
  readonly runMinutes?: number;
  readonly flawedShare?: number;
  /** Colour of what is drawn, where that is not the car's own. */
  readonly ground?: string;
  /** The seam that the picture shows, to be measured at the desk. */
  readonly seam?: string;
  /** What is measured on the picture. */
  readonly measured?: Measured;
  /** The standard view that it is. */
  readonly view?: string;
  /** The panel that a colour is measured against. */
  readonly against?: string;
}

export interface CarFacts {
  readonly colour: string;
  readonly hex: string;
  readonly paintType: 'single-stage' | 'clear-coat' | 'metallic';
  readonly steering: 'left' | 'right';
  readonly chassisNumber: string;
  readonly engineNumber: string;
  readonly odometer: { value: number; unit: 'km' | 'mi' } | null;
  readonly odometerDigits?: number;
  readonly keptIn: string;
  readonly drive: 'yes' | 'no' | 'not-asked';
}

/** How far the demo's inspectors have come with a lot. */
export type Stage = 'full' | 'half' | 'begun' | 'listed';

export type DemoJob =
  | { readonly allow: number }
  | { readonly promisedInDays: number }
  | { readonly doneAfterDays: number; readonly by: string };

export interface DemoLot {
  readonly number: number;
  readonly make: MakeId;
  readonly model: string;
  readonly year: number;
  readonly body: string;
  readonly stage: Stage;
  /** What grade is plausible under the keeper lens, and why in a sentence; absent for a lot nobody has been to. */
  readonly graded?: { readonly keeper: readonly [low: number, high: number]; readonly says: string };
  /** The plan of its body. */
  readonly style: string;
  /** Days from the day of seeding until the report is due. */
  readonly dueInDays: number;
  readonly keeper: '' | 'Ilse Brandvik' | 'Tomas Orrell';
  /** The trustee sees it. */
  readonly lent?: true;
  /** Its report is sealed; on the sale's page, or held back for some days. */
  readonly sealed?: true;
  readonly published?: true;
  readonly heldBackDays?: number;
  /** A second revision: why, and what was entered in it. */
  readonly revised?: { readonly reason: string; readonly enter: (v: DemoVisit) => void };
  /** What bidders asked, and what the house answered to all. */
  readonly asked?: readonly {
    readonly by: string;
    readonly text: string;
    readonly zone?: string;
    readonly answer?: string;
  }[];
  readonly visitNote?: string;
  /** What is stated at intake; absent for a lot nobody has been to. */
  readonly facts?: CarFacts;
  /** What its panels really are: hidden from the program. */
  readonly truth?: CarTruth;
  /** Weak spots were gone through, but for those at these zones. */
  readonly weakLeft?: readonly string[];
  /** The ledger of pieces: those that are not fitted or not right, by piece@zone; the others were found fitted. */
  readonly pieces?: Readonly<Record<string, object | null>>;
  /** How it runs, leaks and works. */
  readonly run?: DemoRun;
  /** Its numbers, dates, papers and parts. */
  readonly papers?: DemoPapers;
  /** What the house expects of it, VK, what it may spend before the sale and the days for it. */
  readonly worth?: {
    readonly expected: number;
    readonly budget?: number;
    readonly days?: number;
    readonly shown?: true;
  };
  /** What the house offers of a job, by its name (`refinish@hood`), or that it was done; days from the visit. */
  readonly jobs?: Readonly<Record<string, DemoJob>>;
  /** Somebody walked round it with a telephone, talking (demo/film). */
  readonly filmed?: true;
  /** Enters what the inspector found on the visit of that id; returns the pictures to draw. Absent: nobody has been there. */
  readonly walk?: (v: DemoVisit, visit: string) => PhotoOrder[];
}
