import type { Plan } from '../body/plan';
import type { TireFault } from '../catalogue/tire-faults';
import type { StoredRecord } from '../kinds';
import { defineModel, type Loss, lacking, type PlannedCar, type SomeCar } from '../model/model';
import { takenTogether } from '../model/together';
import { recordsOf } from '../records/reduce';
import { fallsShort } from './service';
import { decodeTire, type TireMade, type TireRefusal, tireAge } from './tire-code';
import { type TireLimits, tireLimits } from './tire-limits';

type Tire = StoredRecord<'tire'>;

/** What a tire's date says on a day. */
export type DateSays = 'none' | 'refused' | 'fresh' | 'look-yearly' | 'not-relied-on';

/** A tire as it is judged. */
export interface JudgedTire {
  readonly id: string;
  readonly zone: string | null;
  readonly body: Tire['body'];
  readonly made: TireMade | null;
  readonly refused: TireRefusal | null;
  readonly worn: 'worn-out' | 'near' | 'good' | 'unmeasured';
  /** Size other than the placard's; null: no placard, no size, or the same. */
  readonly offPlacard: string | null;
  /** The placard's load and speed, where the tire's fall short of them. */
  readonly weaker: string | null;
}

/** Whether the road tires are of one make and size: all, by axle, or not; null while fewer than four say. */
export type SetMatch = 'all' | 'by-axle' | 'mixed';

const folded = (text: string) => text.toLowerCase().replaceAll(/[\s./-]+/g, '');
const same = (list: readonly string[]) => list.length > 0 && list.every((x) => x === list[0]);

/** Whether the road tires match in maker, line and size. Null while not all four wheels say maker and size. */
export function setMatch(tires: readonly Pick<JudgedTire, 'zone' | 'body'>[], plan: Plan): SetMatch | null {
  const wheels = [...plan.zones.values()].filter((z) => z.need === 'tires').map((z) => z.slug);
  const own = wheels.map((w) => tires.find((t) => t.zone === w)?.body ?? null);
  if (wheels.length === 0 || own.some((b) => !b || b.maker === '' || b.size === '')) return null;
  const key = (b: Tire['body']) => [b.maker, b.line, b.size].map(folded).join('|');
  const keys = own.map((b) => key(b!));
  if (same(keys)) return 'all';
  const axle = (end: string) => keys.filter((_, i) => wheels[i]!.endsWith(end));
  return same(axle('front')) && same(axle('rear')) ? 'by-axle' : 'mixed';
}

/** What a tire's date says on a day: by the age that it has at least. */
export function dateSays(
  made: TireMade | null,
  refused: boolean,
  on: string,
  t: Pick<TireLimits, 'lookYearlyYears' | 'notReliedOnYears'>,
): DateSays {
  if (refused) return 'refused';
  if (!made) return 'none';
  const { low } = tireAge(made, on);
  if (low >= t.notReliedOnYears) return 'not-relied-on';
  return low >= t.lookYearlyYears ? 'look-yearly' : 'fresh';
}

function judgeTire({ id, body }: Tire, placard: StoredRecord<'placard'>['body'] | null, on: string, t: TireLimits) {
  const code = body.code === '' ? null : decodeTire(body.code, on);
  const asked = placard && (body.zone?.endsWith('rear') ? placard.rear || placard.front : placard.front);
  const off = asked && body.size !== '' && folded(asked) !== folded(body.size);
  const tread = body.treadMm;
  return {
    id,
    zone: body.zone,
    body,
    made: code?.ok ? code : null,
    refused: code && !code.ok ? code.reason : null,
    worn:
      tread === null
        ? 'unmeasured'
        : tread <= t.leastTreadMm
          ? 'worn-out'
          : tread <= 2 * t.leastTreadMm
            ? 'near'
            : 'good',
    offPlacard: off ? asked : null,
    weaker: placard && fallsShort(body.service, placard.service) ? placard.service : null,
  } satisfies JudgedTire;
}

/** Share of a tire that is lost: its faults, its wear and its age, none twice. */
function lostOf(tire: JudgedTire, on: string, t: TireLimits): number {
  const takes = [
    ...tire.body.faults.map((f: TireFault) => t.faults[f] ?? 0),
    tire.worn === 'worn-out' ? t.wornOut : 0,
    dateSays(tire.made, false, on, t) === 'not-relied-on' ? t.tooOld : 0,
  ];
  const tread = tire.body.treadMm;
  const used = tread === null || tire.worn === 'worn-out' ? 0 : Math.max(0, 1 - tread / t.newTreadMm);
  // Half of what is driven off is felt in what a set is worth.
  return takenTogether([...takes, used / 2]);
}

const DAY = 10;
/** The day of the last visit, to which ages are reckoned in the judgement; the report reckons to the sale day. */
const visitDay = ({ records }: Pick<PlannedCar, 'records'>): string =>
  recordsOf(records, 'visit')
    .map((v) => v.body.startedAt.slice(0, DAY))
    .sort()
    .at(-1) ?? '9999-12-31';

const wasVisited = ({ records }: SomeCar) => recordsOf(records, 'visit').length > 0;
const SAID_TOO: ReadonlySet<string> = new Set(['tire-aged', 'tire-worn', 'tire-damaged']);

/** Tires and the wheels that they sit on: how old, how worn, whether they match each other and the placard. */
export const wheels = defineModel({
  reads: ['tire', 'placard', 'visit', 'finding'],
  tables: { tires: tireLimits },
  judge: (car: PlannedCar, { tires: t }) => {
    const on = visitDay(car);
    const placard = recordsOf(car.records, 'placard')[0]?.body ?? null;
    const tires: readonly JudgedTire[] = recordsOf(car.records, 'tire').map((r) => judgeTire(r, placard, on, t));
    const said = new Set(
      recordsOf(car.records, 'finding')
        .filter((f) => SAID_TOO.has(f.body.flaw))
        .map((f) => f.body.zone),
    );
    return {
      on,
      placard,
      tires,
      said,
      match: setMatch(tires, car.plan),
      limits: t,
      /** Tires on the car with which it should not be driven. */
      notReliedOn: tires.filter(
        (x) =>
          x.zone !== null &&
          (x.worn === 'worn-out' ||
            dateSays(x.made, false, on, t) === 'not-relied-on' ||
            x.body.faults.some((f) => f === 'bulge' || f === 'cords')),
      ),
    };
  },
  losses: ({ tires, said, on }, { tires: t }): readonly Loss[] =>
    tires.flatMap((tire) => {
      if (tire.zone === null || said.has(tire.zone)) return [];
      const share = lostOf(tire, on, t);
      return share > 0 ? [{ zone: tire.zone, aspect: 'tire' as const, share }] : [];
    }),
  cautions: {
    'tires-not-to-be-relied-on': {
      rank: 31,
      when: (j) => j.notReliedOn.length > 0,
    },
  },
  missing: {
    'tires-unread': (judged, car) => {
      if (!judged || !car.plan || !wasVisited(car) || judged.tires.length === 0) return [];
      const read = new Set(judged.tires.filter((t) => t.body.code !== '').map((t) => t.zone));
      const open = [...car.plan.zones.values()].filter((z) => z.need === 'tires' && !read.has(z.slug));
      return lacking(open.length, { detail: open[0]?.slug ?? '' });
    },
    'tire-code-odd': (judged) => {
      const odd = judged ? judged.tires.filter((t) => t.refused !== null) : [];
      return lacking(odd.length, { detail: odd[0]?.zone ?? '' });
    },
  },
});
export type JudgedWheels = ReturnType<typeof wheels.judge>;
