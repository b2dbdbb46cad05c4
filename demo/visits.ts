import type { View } from '../src/core/body/zone';
import { measureRound } from './fit';
import type { DemoLot } from './lots';
import { MAKES } from './makes';
import type { Subject } from './pictures';
import { TRUTHS } from './truth';
import type { DemoVisit } from './visit';

export interface PhotoOrder {
  readonly subject: Subject;
  readonly zone: string | null;
  /** Index into the visit's findings, or null. */
  readonly finding: number | null;
  readonly caption: string;
  readonly figure?: string;
  readonly other?: string;
  readonly wavesMm?: number;
  readonly gapMm?: readonly [number, number];
  /** The seam that the picture shows, to be measured at the desk. */
  readonly seam?: string;
  /** What is measured on the picture: its colours against another panel's, the waves of its panel, or its seam's gap. */
  readonly measured?:
    | { readonly kind: 'colour'; readonly against: string }
    | { readonly kind: 'waves' }
    | { readonly kind: 'gap' };
}

export interface CarFacts {
  readonly colour: string;
  readonly hex: string;
  readonly paintType: 'single-stage' | 'clear-coat' | 'metallic';
  readonly steering: 'left' | 'right';
  readonly chassisNumber: string;
  readonly engineNumber: string;
  readonly odometer: { value: number; unit: 'km' | 'mi' } | null;
  readonly keptIn: string;
  readonly drive: 'yes' | 'no' | 'not-asked';
}

export const FACTS: Readonly<Record<number, CarFacts>> = {
  1: {
    colour: 'dark green',
    hex: '#1f3d2c',
    paintType: 'single-stage',
    steering: 'right',
    chassisNumber: 'QHF67-04418',
    engineNumber: 'QH 04418',
    odometer: { value: 62180, unit: 'mi' },
    keptIn: 'dry hall, island air',
    drive: 'no',
  },
  2: {
    colour: 'pale yellow over cream',
    hex: '#d8cf8e',
    paintType: 'single-stage',
    steering: 'left',
    chassisNumber: 'SL59-01177',
    engineNumber: 'SV8 01177',
    odometer: { value: 41870, unit: 'mi' },
    keptIn: 'dry hall, island air',
    drive: 'yes',
  },
  3: {
    colour: 'field grey',
    hex: '#7c8478',
    paintType: 'single-stage',
    steering: 'right',
    chassisNumber: 'AF74-220913',
    engineNumber: 'AF 220913',
    odometer: { value: 88410, unit: 'mi' },
    keptIn: 'outdoors under a roof',
    drive: 'no',
  },
  4: {
    colour: 'maroon over black',
    hex: '#4b1f24',
    paintType: 'single-stage',
    steering: 'right',
    chassisNumber: 'B11-38-0642',
    engineNumber: 'B11 0642',
    odometer: { value: 56230, unit: 'mi' },
    keptIn: 'dry hall',
    drive: 'no',
  },
  5: {
    colour: 'orange and white',
    hex: '#c8743a',
    paintType: 'single-stage',
    steering: 'left',
    chassisNumber: 'TC69-440128',
    engineNumber: 'TC 51377',
    odometer: { value: 97600, unit: 'km' },
    keptIn: 'by the sea until 2015',
    drive: 'no',
  },
  7: {
    colour: 'silver blue',
    hex: '#7b94a6',
    paintType: 'metallic',
    steering: 'right',
    chassisNumber: 'OV68-0231',
    engineNumber: '',
    odometer: { value: 38840, unit: 'mi' },
    keptIn: 'dry hall',
    drive: 'no',
  },
  6: {
    colour: 'harvest cream with russet stripe',
    hex: '#d9c79a',
    paintType: 'clear-coat',
    steering: 'left',
    chassisNumber: 'HKD91-220871',
    engineNumber: 'HD6-77120',
    odometer: { value: 143900, unit: 'km' },
    keptIn: 'one family, barn',
    drive: 'yes',
  },
  8: {
    colour: 'faded blue',
    hex: '#4a6c86',
    paintType: 'single-stage',
    steering: 'right',
    chassisNumber: 'QHS72-19027',
    engineNumber: '',
    odometer: null,
    keptIn: 'outdoors until 2011',
    drive: 'no',
  },
  9: {
    colour: 'ivory',
    hex: '#d8d0bc',
    paintType: 'single-stage',
    steering: 'right',
    chassisNumber: 'QHS64-00871',
    engineNumber: 'QH 00871',
    odometer: { value: 48211, unit: 'mi' },
    keptIn: 'dry hall',
    drive: 'no',
  },
  11: {
    colour: 'bronze',
    hex: '#6d5334',
    paintType: 'metallic',
    steering: 'right',
    chassisNumber: 'QMS70-03310',
    engineNumber: '',
    odometer: null,
    keptIn: 'dry hall',
    drive: 'not-asked',
  },
  15: {
    colour: 'slate grey',
    hex: '#5a6268',
    paintType: 'clear-coat',
    steering: 'left',
    chassisNumber: 'HKD79-104422',
    engineNumber: '',
    odometer: { value: 201400, unit: 'km' },
    keptIn: 'coast',
    drive: 'no',
  },
  16: {
    colour: 'signal orange',
    hex: '#b5502a',
    paintType: 'single-stage',
    steering: 'right',
    chassisNumber: '',
    engineNumber: '',
    odometer: null,
    keptIn: 'dry hall',
    drive: 'not-asked',
  },
  19: {
    colour: 'pale green',
    hex: '#94a98a',
    paintType: 'single-stage',
    steering: 'left',
    chassisNumber: 'HKY58-0911',
    engineNumber: '',
    odometer: null,
    keptIn: 'dry hall',
    drive: 'no',
  },
};

const PANELS = /^(hood|roof|deck|fender|door|quarter|rocker|panel\.|valance|cowl|bed|tailgate|corner|side|hatch|lid)/;

/** Reads every painted panel as densely as the sampling floor asks. */
export function measureAll(
  v: DemoVisit,
  lot: DemoLot,
  visit: string,
  few: readonly string[] = [],
  unit: 'um' | 'mil' = 'um',
): void {
  const truth = TRUTHS[lot.number];
  if (!truth) return;
  for (const slug of v.plan.lap.outside) {
    const zone = v.plan.zones.get(slug)!;
    if (!PANELS.test(slug) || !zone.aspects.includes('paint')) continue;
    v.readings(
      slug,
      few.includes(slug) ? 3 : 5 + Math.max(0, Math.ceil((zone.areaM2 - 0.5) / 0.25)),
      truth,
      500,
      visit,
      unit,
    );
  }
}

const everything: readonly View[] = ['outside', 'engine', 'cabin', 'trunk', 'underneath'];

const LOT1_FINDINGS: readonly [zone: string, flaw: string, extra: object][] = [
  ['quarter.left', 'wave', { sizeMm: 420, where: 'along the wheel lip', visibleFromM: 2 }],
  ['quarter.left', 'cracking', { count: 2, sizeMm: 30, where: 'over the thick spot' }],
  ['door.left.front', 'dust-nib', { count: 6, sizeMm: 1, where: 'upper half' }],
  ['door.left.front', 'masking-line', { where: 'jamb, below the hinge' }],
  ['deck', 'colour-mismatch', { where: 'against both quarters, in shade', visibleFromM: 3 }],
  ['fender.right', 'overspray', { where: 'on the inner arch seal' }],
  ['hood', 'chip', { count: 7, sizeMm: 3, where: 'leading edge', touchedIn: true }],
  ['hood', 'scratch-clear', { sizeMm: 120, where: 'left of centre' }],
  ['rocker.left', 'rust-blister', { count: 3, sizeMm: 12, where: 'rear end, at the pinch weld' }],
  ['bumper.front', 'pitting', { share: 0.02, where: 'upper face' }],
  ['glass.windshield', 'glass-scratched', { sizeMm: 260, where: 'wiper arc, right' }],
  ['wheel.left.rear', 'tire-aged', { note: 'Code 2609: seventeen years on the sale day.' }],
  ['dash', 'dash-cracked', { sizeMm: 90, where: 'above the instruments' }],
  ['dash', 'inoperative', { where: 'clock' }],
  ['headliner', 'stained', { sizeMm: 180, where: 'rear edge' }],
  ['engine', 'leak-damp', { where: 'valve cover, rear' }],
  ['floor.left.front', 'rust-film', { sizeMm: 240, where: 'along the drain' }],
];

const LOT1_MARKS: readonly [zone: string, mark: string, where: string][] = [
  ['fender.right', 'fasteners-turned', 'two upper bolts, paint broken'],
  ['fender.left', 'fasteners-untouched', 'all five upper bolts'],
  ['door.right.front', 'jamb-same', 'both jambs'],
  ['hood', 'underside-same', ''],
  ['deck', 'underside-other', 'gloss inside, flat black below the shelf'],
  ['roof', 'sealer-undisturbed', 'drip rails, both sides'],
];

const LOT6_MARKS: readonly [zone: string, mark: string, where: string][] = [
  ['bed.left', 'stripe-no-edge', 'whole length'],
  ['bed.right', 'stripe-no-edge', 'whole length'],
  ['hood', 'label-in-place', 'inside, left front corner'],
  ['fender.left', 'fasteners-untouched', 'upper row'],
  ['fender.right', 'fasteners-untouched', 'upper row'],
  ['tailgate', 'hidden-runs', 'inside the lower fold'],
];

/** Lot 1, looked at in full: claimed original, and is not quite. */
export function visitLot1(v: DemoVisit, lot: DemoLot, visit: string): PhotoOrder[] {
  measureAll(v, lot, visit);
  v.put('claim', {
    kind: 'original-paint',
    text: 'Original paint throughout.',
    source: 'Harald Voss, trustee',
    saidAt: v.at(),
  });
  v.put('claim', { kind: 'mileage', text: '62,000 miles from new.', source: 'Harald Voss, trustee', saidAt: v.at() });
  v.put('claim', {
    kind: 'matching-engine',
    text: 'Engine is the one it left the works with.',
    source: 'Museum card',
    saidAt: v.at(),
  });
  for (const [zone, flaw, extra] of LOT1_FINDINGS) v.finding(zone, flaw, extra);
  measureRound(v, { zone: 'door.left.front', dxMm: -0.3, dyMm: -0.9, rotMrad: 3.4, dzMm: 0.4 }, 4.5, 11);
  measureRound(v, { zone: 'door.right.front', dyMm: 0.2 }, 4.5, 12);
  v.put('shut', { zone: 'door.left.front', feel: 'push', sound: 'tinny', dropMm: 3, checkStrap: 'holds', at: v.at() });
  v.put('shut', {
    zone: 'door.right.front',
    feel: 'one-finger',
    sound: 'solid',
    dropMm: 0,
    checkStrap: 'holds',
    at: v.at(),
  });
  v.put('stance', { leftFrontMm: 652, rightFrontMm: 655, leftRearMm: 661, rightRearMm: 664, at: v.at() });
  for (const [zone, mark, where] of LOT1_MARKS) v.put('mark', { zone, mark, where, at: v.at() });
  v.clean('outside', ['quarter.left', 'valance.rear']);
  v.look('quarter.left', 'fit');
  v.look('quarter.left', 'corrosion');
  for (const view of ['engine', 'cabin'] as const) v.clean(view);
  v.clean('trunk', ['trunk.well']);
  v.blocked(['trunk.well'], 'trim-on', 'spare wheel seized in place');
  v.clean('underneath', [
    'tank',
    'rail.left.rear',
    'rail.right.rear',
    'crossmember.rear',
    'housing.left.rear',
    'housing.right.rear',
  ]);
  v.blocked(
    ['tank', 'rail.left.rear', 'rail.right.rear', 'crossmember.rear'],
    'no-lift',
    'pit too short for the rear axle',
  );
  return [
    { subject: 'gauge', zone: 'hood', finding: null, caption: 'Gauge on the hood', figure: '124' },
    { subject: 'panel', zone: 'quarter.left', finding: 0, caption: 'Wave along the wheel lip, against the light' },
    { subject: 'cracks', zone: 'quarter.left', finding: 1, caption: 'Two cracks, near' },
    { subject: 'panel', zone: 'door.left.front', finding: 2, caption: 'Nibs under the finish' },
    { subject: 'seam', zone: 'door.left.front', finding: null, caption: 'Front seam with card' },
    { subject: 'chips', zone: 'hood', finding: 6, caption: 'Leading edge' },
    { subject: 'blisters', zone: 'rocker.left', finding: 8, caption: 'Blisters at the pinch weld' },
    { subject: 'chrome', zone: 'bumper.front', finding: 9, caption: 'Upper face' },
    { subject: 'cabin', zone: 'seat.rear', finding: null, caption: 'Rear seat' },
    { subject: 'plate', zone: 'bulkhead', finding: null, caption: 'Plate and rivets' },
    { subject: 'panel', zone: 'deck', finding: 4, caption: 'Boot lid against the quarter' },
    { subject: 'rust', zone: 'floor.left.front', finding: 16, caption: 'Drain, from below' },
    {
      subject: 'measured-seam',
      zone: 'door.left.front',
      finding: null,
      caption: 'Front seam, left, with card',
      gapMm: [5.1, 4.1],
      seam: 'door.left.front|fender.left',
    },
    {
      subject: 'measured-seam',
      zone: 'door.right.front',
      finding: null,
      caption: 'Front seam, right, with card',
      gapMm: [4.6, 4.5],
      seam: 'door.right.front|fender.right',
    },
    ...(['left', 'right'] as const).map((side) => ({
      subject: 'measured-seam' as const,
      zone: `fender.${side}`,
      finding: null,
      caption: `Bonnet to ${side} wing, front end, with card`,
      gapMm: side === 'left' ? ([4.3, 4.6] as const) : ([5.5, 5.2] as const),
      seam: `fender.${side}|hood`,
      measured: { kind: 'gap' as const },
    })),
    { subject: 'panel', zone: 'hood', finding: null, caption: 'Hood, first pass' },
    { subject: 'panel', zone: 'quarter.left', finding: null, caption: 'Left quarter, first pass' },
    {
      subject: 'grey-card',
      zone: 'deck',
      finding: null,
      caption: 'Boot lid beside the quarter, with a grey card',
      other: '#2b4a37',
      measured: { kind: 'colour', against: 'quarter.left' },
    },
    ...(
      [
        ['quarter.left', 1.5],
        ['quarter.right', 0.35],
        ['door.left.front', 0.6],
        ['door.right.front', 0.3],
      ] as const
    ).map(([zone, wavesMm]) => ({
      subject: 'stripes' as const,
      zone,
      finding: null,
      caption: 'Striped board reflected',
      wavesMm,
      measured: { kind: 'waves' as const },
    })),
  ];
}

/** Lot 6, one family's pickup: factory paint and stripe, chips everywhere. */
export function visitLot6(v: DemoVisit, lot: DemoLot, visit: string): PhotoOrder[] {
  measureAll(v, lot, visit, [], 'mil');
  v.put('claim', {
    kind: 'original-paint',
    text: 'Never painted; the stripe is the maker’s.',
    source: 'Family letter',
    saidAt: v.at(),
  });
  v.put('claim', { kind: 'owners', text: 'One family since new.', source: 'Family letter', saidAt: v.at() });
  v.put('claim', {
    kind: 'mileage',
    text: '143,900 km, every service stamped.',
    source: 'Service book',
    saidAt: v.at(),
  });
  for (const [zone, mark, where] of LOT6_MARKS) v.put('mark', { zone, mark, where, at: v.at() });
  v.finding('hood', 'chip', { count: 34, sizeMm: 3, where: 'leading third' });
  v.finding('fender.left', 'chip', { count: 11, sizeMm: 3, where: 'behind the wheel' });
  v.finding('fender.right', 'chip', { count: 9, sizeMm: 3, where: 'behind the wheel' });
  v.finding('bed.floor', 'scratch-through', { count: 18, sizeMm: 300, where: 'from loads' });
  v.finding('bed.floor', 'rust-film', { sizeMm: 200, where: 'around the tie-downs' });
  v.finding('tailgate', 'dent', { sizeMm: 60, where: 'upper edge, centre' });
  v.finding('bed.right', 'ding', { count: 3, sizeMm: 20, where: 'below the stripe' });
  v.finding('bumper.rear', 'bent', { sizeMm: 90, where: 'right end' });
  v.finding('seat.left.front', 'worn', { sizeMm: 250, where: 'outer bolster' });
  v.finding('dash', 'works-poorly', { where: 'heater fan, lowest speed' });
  v.finding('engine', 'leak-damp', { where: 'oil pan gasket' });
  v.finding('wheel.right.front', 'tire-worn', { where: 'outer shoulder' });
  for (const view of everything) v.clean(view, ['tank']);
  v.blocked(['tank'], 'no-lift', 'pit too short for the rear');
  return [
    { subject: 'gauge', zone: 'roof', finding: null, caption: 'Gauge on the roof', figure: '119' },
    { subject: 'chips', zone: 'hood', finding: 0, caption: 'Leading third of the hood' },
    { subject: 'chips', zone: 'fender.left', finding: 1, caption: 'Behind the wheel' },
    { subject: 'scratch', zone: 'bed.floor', finding: 3, caption: 'Load scratches' },
    { subject: 'rust', zone: 'bed.floor', finding: 4, caption: 'Tie-down' },
    { subject: 'panel', zone: 'tailgate', finding: 5, caption: 'Dent, upper edge' },
    { subject: 'chrome', zone: 'bumper.rear', finding: 7, caption: 'Right end' },
    { subject: 'cabin', zone: 'seat.left.front', finding: 8, caption: 'Outer bolster' },
    { subject: 'plate', zone: 'bulkhead', finding: null, caption: 'Plate' },
    { subject: 'seam', zone: 'door.left.front', finding: null, caption: 'Door to fender with card' },
  ];
}

/** Lot 8, a project: perforated floors, doors stuck, lamps missing, much of it there. */
export function visitLot8(v: DemoVisit, lot: DemoLot, visit: string): PhotoOrder[] {
  measureAll(v, lot, visit, ['roof', 'valance.front']);
  v.put('claim', { kind: 'no-rust', text: 'Solid underneath.', source: 'Earlier listing', saidAt: v.at() });
  v.finding('floor.left.front', 'perforated', { count: 2, sizeMm: 140, where: 'outer edge to the rocker' });
  v.finding('floor.right.front', 'perforated', { sizeMm: 220, where: 'below the carpet' });
  v.finding('floor.left.rear', 'rust-scale', { sizeMm: 300, where: 'whole pan' });
  v.finding('rail.left.front', 'structural-loss', { sizeMm: 180, where: 'at the steering mount', active: 'active' });
  v.finding('rocker.left', 'perforated', { count: 3, sizeMm: 60, where: 'front end' });
  v.finding('rocker.right', 'patch-crude', { sizeMm: 380, where: 'plate riveted over' });
  v.finding('quarter.right', 'filler-visible', { sizeMm: 260, where: 'wheel lip' });
  v.finding('fender.left', 'rust-blister', { count: 8, sizeMm: 18, where: 'bottom, behind the wheel' });
  v.finding('roof', 'fading', { share: 0.7 });
  v.finding('hood', 'fading', { share: 0.6 });
  v.finding('hood', 'rust-film', { sizeMm: 180, where: 'centre' });
  v.finding('lamp.left.head', 'missing', {});
  v.finding('lamp.right.tail', 'missing', {});
  v.finding('glass.windshield', 'glass-crack', { sizeMm: 340, where: 'lower left' });
  v.finding('seat.right.front', 'split', { sizeMm: 220, where: 'cushion' });
  v.finding('headliner', 'sagging', {});
  v.finding('carpet.left.front', 'damp', {});
  v.finding('engine', 'number-unreadable', { note: 'Stamp below rust.' });
  v.finding('engine', 'inoperative', { where: 'does not turn by hand' });
  v.finding('bumper.rear', 'plating-peels', { sizeMm: 300 });
  v.blocked(['door.left.rear', 'door.right.rear'], 'locked', 'stuck shut');
  v.clean('outside', ['door.left.rear', 'door.right.rear', 'rocker.left', 'rocker.right']);
  v.clean('engine');
  v.clean('cabin', ['card.left.rear', 'card.right.rear', 'carpet.left.rear', 'carpet.right.rear']);
  v.blocked(
    ['card.left.rear', 'card.right.rear', 'carpet.left.rear', 'carpet.right.rear'],
    'locked',
    'rear doors stuck',
  );
  v.blocked(v.plan.lap.trunk, 'no-key', 'boot key lost');
  v.clean('underneath', ['tank', 'rail.left.rear', 'rail.right.rear', 'trunk.floor']);
  return [
    { subject: 'rust', zone: 'floor.left.front', finding: 0, caption: 'Through at the outer edge' },
    { subject: 'rust', zone: 'floor.right.front', finding: 1, caption: 'Below the carpet' },
    { subject: 'rust', zone: 'rail.left.front', finding: 3, caption: 'At the steering mount' },
    { subject: 'rust', zone: 'rocker.left', finding: 4, caption: 'Front end' },
    { subject: 'cracks', zone: 'quarter.right', finding: 6, caption: 'Filler edge' },
    { subject: 'blisters', zone: 'fender.left', finding: 7, caption: 'Bottom' },
    {
      subject: 'gauge',
      zone: 'quarter.right',
      finding: null,
      caption: 'Gauge, no further than its ceiling',
      figure: '---',
    },
    { subject: 'cabin', zone: 'seat.right.front', finding: 14, caption: 'Cushion' },
    { subject: 'plate', zone: 'bulkhead', finding: null, caption: 'Plate, rivets undisturbed' },
    { subject: 'chrome', zone: 'bumper.rear', finding: 19, caption: 'Plating lifts' },
  ];
}

/** A lot that is half done: outside measured and walked, the rest open. */
export function visitHalf(v: DemoVisit, lot: DemoLot, visit: string): PhotoOrder[] {
  measureAll(v, lot, visit, ['roof']);
  v.finding('hood', 'chip', { count: 5, sizeMm: 3 });
  v.finding('fender.left', 'rust-blister', { count: 2, sizeMm: 15, where: 'bottom' });
  v.clean('outside', ['glass.rear', 'bumper.rear', 'valance.rear']);
  v.clean('engine', ['battery']);
  return [
    { subject: 'chips', zone: 'hood', finding: 0, caption: 'Leading edge' },
    { subject: 'blisters', zone: 'fender.left', finding: 1, caption: 'Bottom' },
  ];
}

/** A lot just begun: a few panels looked at. */
export function visitBegun(v: DemoVisit): PhotoOrder[] {
  for (const zone of v.plan.lap.outside.slice(0, 7))
    for (const aspect of v.plan.zones.get(zone)!.aspects) v.look(zone, aspect);
  v.finding('hood', 'ding', { sizeMm: 15, where: 'right of centre' });
  return [];
}

/** What the maker built the body of, for the car record. */
export function metalOf(lot: DemoLot): 'steel' | 'aluminium' | 'glass-fibre' {
  return MAKES[lot.make].note.includes('aluminium')
    ? 'aluminium'
    : MAKES[lot.make].note.includes('glass fibre')
      ? 'glass-fibre'
      : 'steel';
}
