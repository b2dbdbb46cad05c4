import { carSchema } from '../src/core/kinds/car';
import { enterLap, type TalkedRecord } from './film/enter';
import { enterJobs } from './jobs';
import type { DemoLot, PhotoOrder } from './lot';
import { MAKES } from './makes';
import { enterPapers } from './papers';
import { sayPieces } from './pieces';
import { enterRun } from './running';
import { DemoVisit, demoIds } from './visit';
import { tickWeakSpots } from './weak-spots';

/** The car from its four sides: with these every visit begins. */
const ROUND: readonly PhotoOrder[] = (['front', 'left', 'rear', 'right'] as const).map((side) => ({
  subject: `car-${side}` as const,
  zone: null,
  finding: null,
  caption: `From the ${side}`,
  view: `round.${side}`,
}));

function carBody(lot: DemoLot, style: string): object {
  const { facts } = lot;
  return {
    make: MAKES[lot.make].name,
    model: lot.model,
    year: lot.year,
    style,
    baseMetal: MAKES[lot.make].metal,
    paintType: facts?.paintType ?? 'unknown',
    colour: facts?.colour ?? '',
    steering: facts?.steering ?? 'left',
    chassisNumber: facts?.chassisNumber ?? '',
    engineNumber: facts?.engineNumber ?? '',
    odometer: facts?.odometer ?? null,
    odometerDigits: facts?.odometerDigits ?? null,
    keptIn: facts?.keptIn ?? '',
    leave: {
      press: 'yes',
      liftCarpet: lot.stage === 'begun' ? 'not-asked' : 'yes',
      removeTrim: 'no',
      drive: facts?.drive ?? 'not-asked',
    },
  };
}

export interface FilmedLap {
  /** The record of the film, which is kept later. */
  readonly film: string;
  readonly pictured: readonly TalkedRecord[];
}

/** Everything that is entered of a lot but its pictures, as changes in the order of entry, and the pictures to draw. */
export function recordsOfLot(
  lot: DemoLot,
  startedAt: Date,
  lotId: string,
  inspector: string,
): { visit: DemoVisit; orders: PhotoOrder[]; film: FilmedLap | null } {
  const plan = DemoVisit.planFor(lot.style, {
    baseMetal: MAKES[lot.make].metal,
    steering: lot.facts?.steering ?? 'left',
  });
  const nextId = demoIds(lot.number);
  const visit = new DemoVisit(nextId, startedAt, plan, lot.number);
  visit.put('car', carBody(lot, lot.style), lotId);
  const visitId = visit.put('visit', {
    startedAt: startedAt.toISOString(),
    hours: lot.stage === 'full' ? 3.5 : 1.5,
    place: 'Marlpit Tramshed, Vennor',
    inspector: inspector,
    light: 'indoor',
    surface: 'dry',
    clean: true,
    temperatureC: 9,
    lift: 'pit',
    gauge:
      lot.stage === 'begun' && !lot.filmed
        ? null
        : {
            name: 'Survey gauge 2',
            kind: 'combined',
            ceilingUm: 500,
            checks: [
              { when: 'start', zeroUm: 1, foilUm: 125, foilReadUm: 126 },
              ...(lot.stage === 'full' ? [{ when: 'end', zeroUm: 2, foilUm: 125, foilReadUm: 127 }] : []),
            ],
          },
    note: lot.visitNote ?? '',
  });
  const orders = [...ROUND, ...(lot.walk?.(visit, visitId) ?? [])];
  const car = carSchema.parse(carBody(lot, lot.style));
  const film = lot.filmed ? nextId() : null;
  const pictured = film ? enterLap(visit, { car, visitId, film }) : [];
  if (lot.weakLeft) tickWeakSpots(visit, car, lot.weakLeft);
  if (lot.pieces) sayPieces(visit, car, lot.pieces);
  if (lot.papers) enterPapers(visit, lot.papers);
  if (lot.run) enterRun(visit, car, lot.run, lot.number);
  if (lot.worth)
    visit.put('worth', { ...lot.worth, currency: 'VK', source: 'the office, by sales of before', at: visit.at() });
  if (lot.jobs) enterJobs(visit, lot.jobs);
  return { visit, orders, film: film === null ? null : { film, pictured } };
}
