import { nearestZone } from '../body/slugs';
import { PART_TABLE, SIDE_TABLE, zoneKey, zonesMeant } from './lexicon';
import type { Line } from './line';
import type { EntryContext, EntryProblem } from './parse';

type Sided = 'left' | 'right' | 'driver' | 'passenger' | 'near' | 'off';

function actualSide(side: Sided, { steering, kerb }: EntryContext): 'left' | 'right' {
  const other = (s: 'left' | 'right') => (s === 'left' ? 'right' : 'left');
  switch (side) {
    case 'driver':
      return steering;
    case 'passenger':
      return other(steering);
    case 'near':
      return kerb;
    case 'off':
      return other(kerb);
    default:
      return side;
  }
}

export type ZoneFound = { ok: true; zone: string | null; named: boolean } | { ok: false; problem: EntryProblem };

/** Takes the zone's words out of the line. */
export function takeZone(line: Line, context: EntryContext): ZoneFound {
  const slug = line.rest().find((t) => t.kind === 'word' && context.plan.zones.has(t.text));
  if (slug) {
    line.left[line.left.indexOf(slug)] = null;
    return { ok: true, zone: slug.text, named: true };
  }
  const first = line.rest()[0];
  if (first && /^[a-z]+(\.[a-z]+)+$/.test(first.text)) {
    return {
      ok: false,
      problem: { kind: 'no-such-zone', nearest: nearestZone(first.text, context.plan.zones.keys()) },
    };
  }
  let part = line.take(PART_TABLE)?.value ?? null;
  let side: 'left' | 'right' | null = null;
  let end: 'front' | 'rear' | null = null;
  for (let guard = 0; guard < 4; guard++) {
    if (part !== null && side !== null && end !== null) break;
    const found = line.take(SIDE_TABLE);
    if (!found) break;
    side = found.value.side ? actualSide(found.value.side, context) : side;
    end = found.value.end ?? end;
    part = part ?? found.value.part ?? null;
  }
  if (part === null) return sideOfTheZoneInHand(side, end, context);
  return settle(part, side, end, context);
}

function sideOfTheZoneInHand(
  side: 'left' | 'right' | null,
  end: 'front' | 'rear' | null,
  context: EntryContext,
): ZoneFound {
  if (side === null && end === null) return { ok: true, zone: context.zone, named: false };
  if (context.zone === null) return { ok: false, problem: { kind: 'no-zone' } };
  const key = zoneKey(context.zone);
  return settle(key.part, side ?? key.side, end ?? key.end, context);
}

function settle(
  part: string,
  side: 'left' | 'right' | null,
  end: 'front' | 'rear' | null,
  context: EntryContext,
): ZoneFound {
  let meant = zonesMeant(context.plan, { part, side, end });
  const whole = meant.filter((z) => zoneKey(z).side === null);
  if (side === null && whole.length > 0) meant = whole;
  if (meant.length > 1 && context.zone) {
    const here = zoneKey(context.zone);
    const near = meant.filter(
      (z) =>
        zoneKey(z).side === (side ?? here.side) && (end !== null || here.end === null || zoneKey(z).end === here.end),
    );
    if (near.length === 1) meant = near;
  }
  if (meant.length === 1) return { ok: true, zone: meant[0]!, named: true };
  if (meant.length > 1) return { ok: false, problem: { kind: 'which-zone', candidates: meant } };
  return {
    ok: false,
    problem: {
      kind: 'no-such-zone',
      nearest: nearestZone([part, side, end].filter(Boolean).join('.'), context.plan.zones.keys()),
    },
  };
}
