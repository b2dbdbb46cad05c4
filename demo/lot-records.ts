import type { DemoLot } from './lots';
import { MAKES } from './makes';
import { DemoVisit, demoIds } from './visit';
import { FACTS, metalOf, type PhotoOrder, visitBegun, visitHalf, visitLot1, visitLot6, visitLot8 } from './visits';
import { visitLot2, visitLot3, visitLot4, visitLot5, visitLot7 } from './visits-more';

const FULL_WALKS: Readonly<Record<number, (v: DemoVisit, lot: DemoLot, visit: string) => PhotoOrder[]>> = {
  1: visitLot1,
  2: visitLot2,
  3: visitLot3,
  4: visitLot4,
  5: visitLot5,
  6: visitLot6,
  7: visitLot7,
  8: visitLot8,
};

function carBody(lot: DemoLot, style: string): object {
  const facts = FACTS[lot.number];
  return {
    make: MAKES[lot.make].name,
    model: lot.model,
    year: lot.year,
    style,
    baseMetal: metalOf(lot),
    paintType: facts?.paintType ?? 'unknown',
    colour: facts?.colour ?? '',
    steering: facts?.steering ?? 'left',
    chassisNumber: facts?.chassisNumber ?? '',
    engineNumber: facts?.engineNumber ?? '',
    odometer: facts?.odometer ?? null,
    keptIn: facts?.keptIn ?? '',
    leave: {
      press: 'yes',
      liftCarpet: lot.stage === 'begun' ? 'not-asked' : 'yes',
      removeTrim: 'no',
      drive: facts?.drive ?? 'not-asked',
    },
  };
}

/** Everything that is entered of a lot but its pictures, as changes in the order of entry, and the pictures to draw. */
export function recordsOfLot(
  lot: DemoLot,
  startedAt: Date,
  lotId: string,
  inspector: string,
): { visit: DemoVisit; orders: PhotoOrder[] } {
  const plan = DemoVisit.planFor(lot.style, {
    baseMetal: metalOf(lot),
    steering: FACTS[lot.number]?.steering ?? 'left',
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
      lot.stage === 'begun'
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
    note: lot.number === 8 ? 'Half hidden behind a tram; left side reached through the pit.' : '',
  });
  const walk = lot.stage === 'half' ? visitHalf : lot.stage === 'begun' ? visitBegun : FULL_WALKS[lot.number]!;
  const orders = walk(visit, lot, visitId);
  return { visit, orders };
}
