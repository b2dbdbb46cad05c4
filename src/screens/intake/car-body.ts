import { type Fitted, NOTHING_FITTED } from '@/core/body/styles/options';
import type { BodyOf } from '@/core/kinds';
import type { LEAVE } from '@/core/kinds/car';
import { figureOf, groupedFigureOf } from '@/core/units/figure';
import { titleSays } from '@/words/car-title';

type Car = BodyOf<'car'>;
export const METALS = ['steel', 'aluminium', 'glass-fibre'] as const;

/** What the car's form holds, as typed. */
export interface CarFields {
  make: string;
  model: string;
  year: string;
  style: string;
  baseMetal: Car['baseMetal'];
  /** Empty: as its make and metal tell. */
  build: NonNullable<Car['build']> | '';
  paintType: Car['paintType'];
  colour: string;
  fitted: Fitted;
  steering: 'left' | 'right';
  chassisNumber: string;
  engineNumber: string;
  odometer: string;
  odometerUnit: 'km' | 'mi';
  /** Digits that it counts up; empty: not read. */
  odometerDigits: '' | '4' | '5' | '6' | '7';
  keptIn: string;
  leave: Record<'press' | 'liftCarpet' | 'removeTrim' | 'drive', (typeof LEAVE)[number]>;
}

const NOBODY_ASKED = {
  press: 'not-asked',
  liftCarpet: 'not-asked',
  removeTrim: 'not-asked',
  drive: 'not-asked',
} as const;

/** What the form shows of a car; of one that nobody stated yet, what its lot is called. */
export function carFields(car: Car | null, lotTitle: string): CarFields {
  const said = titleSays(lotTitle);
  return {
    make: car?.make ?? said.make,
    model: car?.model ?? said.model,
    year: (car ? car.year : said.year)?.toString() ?? '',
    style: car?.style ?? said.style,
    baseMetal: car?.baseMetal ?? 'steel',
    build: car?.build ?? '',
    paintType: car?.paintType ?? 'unknown',
    colour: car?.colour ?? '',
    steering: car?.steering ?? 'left',
    fitted: car?.fitted ?? NOTHING_FITTED,
    chassisNumber: car?.chassisNumber ?? '',
    engineNumber: car?.engineNumber ?? '',
    odometer: car?.odometer?.value.toString() ?? '',
    odometerUnit: car?.odometer?.unit ?? 'mi',
    odometerDigits: (car?.odometerDigits?.toString() ?? '') as CarFields['odometerDigits'],
    keptIn: car?.keptIn ?? '',
    leave: { ...NOBODY_ASKED, ...car?.leave },
  };
}

/** The car that the form's fields say. Refuses a year or an odometer that is no figure, with the words for the person. */
export function carBody(
  given: CarFields,
): { ok: true; body: Record<string, unknown> } | { ok: false; message: string } {
  const { odometer, odometerUnit, odometerDigits, year, build, ...rest } = given;
  const reads = groupedFigureOf(odometer);
  if (reads === 'bad') return { ok: false, message: `The odometer “${odometer}” is no number.` };
  const built = figureOf(year);
  if (built === 'bad') return { ok: false, message: `The year “${year}” is no number.` };
  return {
    ok: true,
    body: {
      ...rest,
      build: build || null,
      year: built,
      odometer: reads === null ? null : { value: reads, unit: odometerUnit },
      odometerDigits: odometerDigits === '' ? null : Number(odometerDigits),
    },
  };
}
