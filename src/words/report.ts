import type { Aspect } from '@/core/body/zone';
import { scalePartOf } from '@/core/catalogue/flaws/iso4628';
import type { NumberPlace } from '@/core/catalogue/papers';
import type { AnyRecord, BodyOf } from '@/core/kinds';
import { BLOCKED_BY, type BlockedBy } from '@/core/kinds/look';
import { PAINT_STATES } from '@/core/paint/profiles';
import { recordsOf } from '@/core/records/reduce';
import { drawnMm2 } from '@/core/work/extent';
import { dayText } from './dates';
import {
  ASPECT_WORDS,
  BLOCKED_WORDS,
  FITTED_WORDS,
  JOINT_WORDS,
  LIFT_WORDS,
  LIGHT_WORDS,
  MAGNET_WORDS,
  PAINT_STATE_WORDS,
  SURFACE_WORDS,
  TREATED_WORDS,
  term,
} from './terms';
import type { Wording } from './vocabulary';
import { zoneName } from './zones';

const MM2_PER_CM2 = 100;
const CM2_PER_DM2 = 100;

/** An area, as people say it. */
export function areaText(mm2: number): string {
  const cm2 = mm2 / MM2_PER_CM2;
  return cm2 < CM2_PER_DM2 ? `${Math.max(1, Math.round(cm2))} cm²` : `${(cm2 / CM2_PER_DM2).toFixed(1)} dm²`;
}

/** From that many millimetres on nobody tells tenths by eye; said in inches, they come by themselves. */
const WHOLE_FROM_MM = 10;

/** How large something is, as finely as it was told. */
export const sizeText = (mm: number): string => `${mm >= WHOLE_FROM_MM ? Math.round(mm) : Number(mm.toFixed(1))} mm`;

/** Size, share and place of a finding in one line. */
export function extentText(
  f: Pick<BodyOf<'finding'>, 'flaw' | 'sizeMm' | 'share' | 'iso4628' | 'where' | 'touchedIn' | 'visibleFromM'> &
    Partial<Pick<BodyOf<'finding'>, 'magnet' | 'active' | 'treated' | 'joined' | 'outline'>>,
): string {
  const part = scalePartOf(f.flaw);
  return [
    f.sizeMm ? sizeText(f.sizeMm) : '',
    f.iso4628 && part ? `quantity ${f.iso4628.quantity}, size ${f.iso4628.size} (ISO 4628-${part})` : '',
    f.share ? `${Math.round(f.share * 100)} % of the panel` : '',
    f.outline ? `${areaText(drawnMm2(f.outline))} drawn on the plan` : '',
    f.where,
    f.touchedIn ? 'touched in' : '',
    f.magnet ? MAGNET_WORDS[f.magnet] : '',
    f.joined ? JOINT_WORDS[f.joined] : '',
    f.active && f.active !== 'unknown' ? f.active : '',
    f.treated ? TREATED_WORDS[f.treated] : '',
    f.visibleFromM ? `seen from ${Number(f.visibleFromM.toFixed(1))} m` : '',
  ]
    .filter(Boolean)
    .join(' · ');
}

/** The likeliest state of a panel's paint, and the next one where it is not out of the question. */
export function likelyText(chances: Readonly<Record<(typeof PAINT_STATES)[number], number>> | undefined): string {
  if (!chances) return 'not judged';
  const [best, second] = [...PAINT_STATES].sort((a, b) => chances[b] - chances[a]);
  const percent = (s: (typeof PAINT_STATES)[number]) => `${PAINT_STATE_WORDS[s]} ${Math.round(chances[s] * 100)} %`;
  return chances[second!] > 0.1 ? `${percent(best!)}, ${percent(second!)}` : percent(best!);
}

/** What was said of a visit's conditions, in short; what nobody said is left out. */
export function conditionsOf(v: BodyOf<'visit'>): string[] {
  return [
    v.light ? LIGHT_WORDS[v.light] : '',
    v.surface ? SURFACE_WORDS[v.surface] : '',
    v.clean === null ? '' : v.clean ? 'clean' : 'not clean',
    v.temperatureC === null ? '' : `${v.temperatureC} °C`,
    v.lift ? LIFT_WORDS[v.lift] : '',
  ].filter(Boolean);
}

/** The conditions of a visit and its instruments in a sentence or two. */
export function visitText(v: BodyOf<'visit'>, timeZone?: string): string {
  const { gauge } = v;
  const checks = gauge?.checks.map(
    (c) => `at the ${c.when} the ${c.foilUm} µm foil showed ${c.foilReadUm}, bare plate ${c.zeroUm}`,
  );
  return [
    `${dayText(v.startedAt, timeZone)}${v.place && `, ${v.place}`}${v.inspector && `, by ${v.inspector}`}${v.hours ? `, ${v.hours} hours` : ''}: ${[
      v.light ? LIGHT_WORDS[v.light] : 'light not stated',
      v.surface ? SURFACE_WORDS[v.surface] : 'dry or wet not stated',
      v.clean === null ? 'whether washed not stated' : v.clean ? 'car clean' : 'car not clean',
      v.temperatureC === null ? 'temperature not stated' : `${v.temperatureC} °C`,
      v.lift ? LIFT_WORDS[v.lift] : 'lift or pit not stated',
    ].join(', ')}.`,
    gauge
      ? `Thickness gauge ${gauge.name}, ceiling ${gauge.ceilingUm} µm, ${checks!.length === 0 ? 'not checked on foils' : `checked: ${checks!.join('; ')}`}.`
      : 'No thickness gauge stated.',
    v.note,
  ]
    .filter(Boolean)
    .join(' ');
}

/** What was read last at a place where the car bears a number; doubtful characters and all. */
const readAt = (place: NumberPlace, records: readonly AnyRecord[]): string =>
  recordsOf(records, 'number').findLast((n) => n.body.place === place && n.body.evidence === 'seen')?.body.asRead ?? '';

/** What the car's papers and figures say, as name and value; a number that intake does not state as it was read on the car. */
export function carFacts(
  car: BodyOf<'car'>,
  wording: Wording,
  records: readonly AnyRecord[] = [],
): readonly (readonly [name: string, value: string])[] {
  const fitted = (Object.keys(FITTED_WORDS) as (keyof typeof FITTED_WORDS)[]).filter((k) => car.fitted?.[k]);
  return [
    ['Chassis number', car.chassisNumber || readAt('chassis-plate', records) || readAt('frame', records) || 'not read'],
    ['Engine number', car.engineNumber || readAt('engine-stamp', records) || 'not read'],
    ['Odometer', car.odometer ? `${car.odometer.value.toLocaleString('en-GB')} ${car.odometer.unit}` : 'not read'],
    [wording.words === 'en-US' ? 'Color' : 'Colour', car.colour || 'not stated'],
    ...(fitted.length > 0
      ? ([['Fitted', fitted.map((k) => term(FITTED_WORDS, k, wording.words)).join(', ')]] as const)
      : []),
    ['Leave to drive', { yes: 'given', no: 'refused', 'not-asked': 'not asked' }[car.leave.drive]],
  ];
}

const isReason = (why: string | null): why is BlockedBy => (BLOCKED_BY as readonly string[]).includes(why ?? '');

/** Everything not seen, by reason: the reason, and the places with their aspects. */
export function notSeenText(
  notSeen: readonly { readonly zone: string; readonly aspects: readonly string[]; readonly why: string | null }[],
  wording: Wording,
): readonly { readonly why: string; readonly places: string }[] {
  const groups = new Map<string, string[]>();
  for (const row of notSeen) {
    const why = isReason(row.why) ? `Blocked: ${BLOCKED_WORDS[row.why]}` : 'Not looked at';
    const aspects = row.aspects.map((a) => term(ASPECT_WORDS, a as Aspect, wording.words)).join(', ');
    groups.set(why, [...(groups.get(why) ?? []), `${zoneName(row.zone, wording)} (${aspects})`]);
  }
  return [...groups].map(([why, places]) => ({ why, places: places.join('; ') }));
}
