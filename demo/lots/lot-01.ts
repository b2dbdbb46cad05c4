import { measureRound } from '../fit';
import type { DemoLot, PhotoOrder } from '../lot';
import { readTires } from '../tires';
import type { CarTruth } from '../truth';
import type { DemoVisit } from '../visit';
import { measureAll } from '../walks';

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

const TRUTH: CarTruth = {
  film: { medianUm: 121, spread: 0.1 },
  panels: {
    'door.left.front': { medianUm: 262, spread: 0.24 },
    deck: { medianUm: 247, spread: 0.26 },
    'fender.right': { medianUm: 236, spread: 0.25 },
    'quarter.left': { medianUm: 960, spread: 0.42 },
  },
};

function walk(v: DemoVisit, visit: string): PhotoOrder[] {
  measureAll(v, TRUTH, visit);
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
  v.put('placard', { front: '165 SR 15', rear: '', service: '86S', at: v.at() });
  readTires(
    v,
    { maker: 'Fenwold', line: 'Tourer', size: '165 SR 15', service: '86S' },
    {
      'wheel.left.front': { code: '1422', treadMm: 6.5 },
      'wheel.right.front': { code: '1422', treadMm: 6.2, faults: ['feathered'] },
      'wheel.left.rear': { code: '2609', treadMm: 5.5, faults: ['side-cracks'], line: 'Saloon' },
      'wheel.right.rear': { code: '1522', treadMm: 6.8, wheel: ['kerb-damage'] },
      '': { code: '409', treadMm: 7, ply: 'bias', size: '5.60-15' },
    },
  );
  v.metal('quarter.left', 'lower half', { surface: 'unbroken', magnet: 'off', tap: 'dull' });
  v.metal('rocker.left', 'rear end', { surface: 'unbroken', magnet: 'holds', tap: 'rings' });
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
      measured: 'gap' as const,
    })),
    { subject: 'panel', zone: 'hood', finding: null, caption: 'Hood, first pass' },
    { subject: 'panel', zone: 'quarter.left', finding: null, caption: 'Left quarter, first pass' },
    {
      subject: 'grey-card',
      zone: 'deck',
      finding: null,
      caption: 'Boot lid beside the quarter, with a grey card',
      other: '#2b4a37',
      measured: 'colour',
      against: 'quarter.left',
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
      measured: 'waves' as const,
    })),
  ];
}

/** Lot 1, looked at in full: claimed original, and is not quite. */
export const LOT_01: DemoLot = {
  number: 1,
  make: 'quillon',
  model: 'Halyard',
  year: 1967,
  body: 'fastback',
  style: 'fastback',
  stage: 'full',
  graded: {
    keeper: [66, 74],
    says: 'Honest: resprayed over a repaired quarter, waves and chips, tired brightwork and glass, sound below as far as it could be seen. Better than most of its age.',
  },
  worth: { expected: 46000, budget: 4000, days: 30 },
  dueInDays: 2,
  keeper: 'Ilse Brandvik',
  lent: true,
  facts: {
    colour: 'dark green',
    hex: '#1f3d2c',
    paintType: 'single-stage',
    steering: 'right',
    chassisNumber: 'QHF67-04418',
    engineNumber: 'QH 04418',
    odometer: { value: 62180, unit: 'mi' },
    odometerDigits: 5,
    keptIn: 'dry hall, island air',
    drive: 'no',
  },
  truth: TRUTH,
  weakLeft: ['tank', 'trunk.well'],
  pieces: {
    'bumper-front@bumper.front': { faults: ['pitted'] },
    'pane@glass.windshield': { mark: 'Ostrel', code: '84', faults: ['wiper-arc'] },
    'pane@glass.left.front': { mark: 'Veltglas', code: '67', etched: '' },
    'pane@glass.right.front': { mark: 'Veltglas', code: '67' },
    'rear-pane@glass.rear': { mark: 'Veltglas', code: '67' },
    'pane-seal@glass.windshield': { faults: ['hardened'] },
    'tail-lens@lamp.right.tail': { faults: ['shade-differs'] },
    'jack@': { presence: 'along' },
    'tools@': { presence: 'missing' },
    'keys@': { presence: 'along', count: 1 },
    'books@': { presence: 'along', note: 'service book with seven stamps' },
    'spares@': null,
  },
  run: {
    gear: [
      ['steering.joints', { state: 'sound' }],
      ['ball-joints', { state: 'worn', side: 'left' }],
      ['bushes.front', { state: 'worn' }],
      ['brake.lines', { state: 'sound' }],
      ['exhaust.pipes', { state: 'sound' }],
      ['springs.rear', { state: 'unseen', why: 'no-lift' }],
    ],
    fluids: [
      ['engine-oil', { level: 'full', looks: ['dark'] }],
      ['coolant', { level: 'full', looks: ['water'] }],
      ['brake', { level: 'full', looks: ['dark'] }],
      ['clutch', { level: 'full', looks: ['clean'] }],
    ],
    starts: [
      {
        cold: 'cold',
        hoursSince: 300,
        floor: 'dry',
        cranks: 'strong',
        catches: 'after-a-while',
        caughtAfterS: 9,
        choke: 'used',
        smoke: [{ colour: 'white', course: 'fades' }],
        noises: ['top-end'],
        blowBy: 'none',
      },
    ],
    engine: { thermostatC: 84 },
    wet: [
      ['engine.valve-cover', 'damp', 'engine-oil'],
      ['engine.pan', 'dry', null],
      ['bellhousing', 'damp', 'engine-oil'],
      ['engine.front-seal', 'dry', null],
      ['engine.filter', 'dry', null],
      ['floor-below.front', 'dry', null],
    ],
    functions: {
      clock: { state: 'dead' },
      radio: { state: 'absent' },
      'lamp.fog': { state: 'absent' },
      'window.left.front': { state: 'poor', seconds: 11, from: 'its crank' },
      'gauge.tachometer': { state: 'works' },
    },
    gate: { leave: 'no' },
  },
  papers: {
    along: [
      ['spare-wheel'],
      ['jack'],
      ['handbook', true, { note: 'pages loose' }],
      ['service-book'],
      ['spare-key', false],
      ['tools', false],
    ],
    standoff: { stands: 'level', looksWellFromM: 3 },
    numbers: [
      ['chassis-plate', 'QHF67-04418', { zone: 'bulkhead', fastening: 'rivets-works' }],
      ['engine-stamp', 'QH 04418', { zone: 'engine', stamping: 'undisturbed' }],
      ['title', 'QHF67-04418'],
      ['trim-plate', 'GREEN 14 · TRIM 3', { zone: 'bulkhead', fastening: 'rivets-works' }],
    ],
    dates: [
      ['build', '12.04.1967'],
      ['casting.block', 'C 14 7'],
      ['casting.head', 'B 27 7'],
      ['generator', '0967'],
      ['glass.windshield', '84'],
      ['glass.side', '67'],
    ],
    unit: 'mi',
    services: [
      ['1967-05-12', 12],
      ['1970-06-02', 21_400],
      ['1973-05-30', 38_900],
      ['1976-06-11', 51_250],
      ['1979-05-22', 58_730],
      ['1984-04-16', 61_190],
      ['1990-06-20', 61_480],
      ['1996-06-18', 61_700],
      ['2002-06-25', 61_860],
      ['2008-06-17', 61_990],
      ['2014-06-24', 62_090],
      ['2020-06-16', 62_150],
    ],
    keepers: [
      {
        who: 'first owner, a doctor',
        from: '1967-05-12',
        to: '1984-03-30',
        place: 'Vennor Haven',
        storage: 'salt',
        by: 'paper',
      },
      { who: 'Marlpit Tramshed', from: '1984-04-16', place: 'Vennor', storage: 'damp', by: 'paper' },
    ],
    parts: [
      ['engine', 'factory', { note: 'number by rule' }],
      ['glass', 'later', { note: 'front glass of 1984' }],
      ['wings', 'period', { note: 'right one changed' }],
      ['radio', 'period'],
      ['exhaust', 'reproduction'],
    ],
    restored: [
      {
        system: 'body-paint',
        fromYear: 1984,
        toYear: 1985,
        extent: 'partial',
        quality: 'fair',
        matured: true,
        signs: ['overspray'],
        evidence: 'inferred',
        note: 'three panels, of which nobody told',
      },
    ],
    proofs: [['odometer-untouched']],
  },
  walk,
};
