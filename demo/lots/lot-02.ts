import { measureRound } from '../fit';
import type { DemoLot, PhotoOrder } from '../lot';
import { readTires } from '../tires';
import type { CarTruth } from '../truth';
import type { DemoVisit } from '../visit';
import { cleanAll, enter, measureAll } from '../walks';

const TRUTH: CarTruth = { film: { medianUm: 265, spread: 0.22 }, panels: { deck: { medianUm: 330, spread: 0.26 } } };

function walk(v: DemoVisit, visit: string): PhotoOrder[] {
  measureAll(v, TRUTH, visit);
  measureRound(v, { zone: 'door.right.front', bulge: { seam: 'door.right.front|quarter.right', mm: 3.6 } }, 5, 21);
  measureRound(v, { zone: 'door.left.front', dyMm: 0.3 }, 5, 22);
  enter(
    v,
    [
      ['restored', 'Restored 1988 by the museum’s own workshop.', 'Museum card'],
      ['mileage', 'Low mileage.', 'Harald Voss, trustee'],
      ['everything-works', 'Everything works.', 'Harald Voss, trustee'],
    ],
    [
      ['deck', 'rust-blister', { count: 6, sizeMm: 9, where: 'lower lip, left half', visibleFromM: 1 }],
      ['deck', 'orange-peel', { share: 0.5, where: 'upper face' }],
      ['lamp.left.tail', 'pitting', { share: 0.12, where: 'die-cast bezel' }],
      ['panel.front', 'pitting', { count: 1, sizeMm: 110, where: 'die-cast emblem' }],
      ['top', 'works-poorly', { where: 'stops half way, goes on by hand', note: '41 s to open, engine running.' }],
      ['top', 'worn', { sizeMm: 240, where: 'fold above the left quarter' }],
      ['glass.rear', 'cloudy', { share: 0.4, note: 'Plastic, yellowed.' }],
      ['door.right.front', 'hard-shut', {}],
      ['carpet.right.front', 'damp', { where: 'below the heater' }],
      ['floor.right.front', 'rust-film', { sizeMm: 300, where: 'along the rocker' }],
      ['outrigger.right.rear', 'rust-scale', { sizeMm: 70, where: 'lower flange' }],
      ['engine', 'leak-damp', { where: 'rear main' }],
      ['wheel.right.rear', 'tire-aged', { note: 'Code 1811: past fifteen years on the sale day.' }],
    ],
  );
  readTires(
    v,
    { maker: 'Fenwold', line: 'Promenade', size: '7.50-14' },
    {
      'wheel.left.front': { code: '0821', treadMm: 6, whiteWall: true, ply: 'bias' },
      'wheel.right.front': { code: '0821', treadMm: 6.1, whiteWall: true, ply: 'bias' },
      'wheel.left.rear': { code: '0821', treadMm: 5.4, whiteWall: true, ply: 'bias' },
      'wheel.right.rear': { code: '1811', treadMm: 5, whiteWall: true, ply: 'bias', faults: ['white-wall-stained'] },
    },
  );
  v.metal('deck', 'lower lip, left half', { surface: 'bubbles', magnet: 'holds', tap: 'rings', press: 'gives' });
  v.metal('rocker.right', 'front end', { surface: 'unbroken', magnet: 'holds', tap: 'rings' });
  v.metal('floor.right.front', 'along the rocker', {
    surface: 'browned',
    magnet: 'holds',
    wipe: 'wipes-off',
    touch: 'damp',
  });
  cleanAll(v, ['outside', 'engine', 'cabin', 'trunk', 'underneath'], ['tank', 'well.top']);
  v.blocked(['well.top'], 'obstructed', 'top folded into it');
  v.blocked(['tank'], 'no-lift', 'pit too short');
  return [
    {
      subject: 'pitted-chrome',
      zone: 'bumper.rear',
      finding: null,
      caption: 'Over-rider, left',
      flawedShare: 0.004,
      measured: 'plating',
    },
    { subject: 'blisters', zone: 'deck', finding: 0, caption: 'Lower lip of the boot lid' },
    { subject: 'chrome', zone: 'lamp.left.tail', finding: 2, caption: 'Die-cast bezel' },
    { subject: 'panel', zone: 'deck', finding: 1, caption: 'Peel, against the light' },
    {
      subject: 'rag',
      zone: 'engine',
      finding: null,
      fluid: 'transmission',
      caption: 'Its stick wiped off',
      ground: '#5a2018',
    },
    ...(
      [
        [0.08, 0.82],
        [0.36, 0.7],
        [0.6, 0.52],
      ] as const
    ).map((dials, i) => ({
      subject: 'dash' as const,
      zone: 'dash',
      finding: null,
      caption: `Dash while it warms, ${i + 1} of 3`,
      dials,
      runMinutes: [2, 6, 11][i]!,
    })),
    { subject: 'wet-carpet', zone: 'carpet.right.front', finding: 8, caption: 'Below the heater' },
    { subject: 'tire-wall', zone: 'wheel.right.rear', finding: 12, caption: 'Code on the wall', figure: '1811' },
    { subject: 'cabin', zone: 'seat.left.front', finding: null, caption: 'Front seats' },
    { subject: 'rust', zone: 'outrigger.right.rear', finding: 10, caption: 'Outrigger, lower flange' },
    { subject: 'gauge', zone: 'fender.left', finding: null, caption: 'Gauge on the wing', figure: '262' },
    { subject: 'plate', zone: 'bulkhead', finding: null, caption: 'Plate' },
  ];
}

/** Lot 2, two-tone convertible: superb chrome but for two die-cast pieces, blisters at the boot lip, a slow top. */
export const LOT_02: DemoLot = {
  number: 2,
  make: 'sarvane',
  model: 'Lido',
  year: 1959,
  body: 'convertible',
  style: 'convertible',
  stage: 'full',
  graded: {
    keeper: [54, 64],
    says: 'Working to Honest: a good driver in paint that is not the works’, superb chrome but for two pieces, blisters at the boot lip and scale on an outrigger.',
  },
  worth: { expected: 64000 },
  sealed: true,
  published: true,
  revised: {
    reason: 'A bidder asked about the carpet under the driver’s feet: it was lifted.',
    enter: (v) => {
      v.finding('floor.left.front', 'rust-film', { sizeMm: 120, note: 'dry, under the mat’s edge' });
      v.look('carpet.left.front', 'trim');
    },
  },
  asked: [
    {
      by: 'Lanternfish',
      text: 'Is the floor under the driver’s carpet dry?',
      zone: 'carpet.left.front',
      answer: 'The carpet was lifted: dry, with surface rust the size of a hand at the mat’s edge. Revision 2 has it.',
    },
    { by: 'Copperbeech', text: 'Does the top close from the switch alone, or does somebody have to help it?' },
  ],
  dueInDays: 5,
  keeper: 'Tomas Orrell',
  lent: true,
  facts: {
    colour: 'pale yellow over cream',
    hex: '#d8cf8e',
    paintType: 'single-stage',
    steering: 'left',
    chassisNumber: 'SL59-01177',
    engineNumber: 'SV8 O1177',
    odometer: { value: 41870, unit: 'mi' },
    odometerDigits: 5,
    keptIn: 'dry hall, island air',
    drive: 'yes',
  },
  truth: TRUTH,
  weakLeft: ['tank', 'well.top', 'trunk.floor'],
  pieces: {
    'tail-bezel@lamp.left.tail': { faults: ['pitted'], replated: 'no' },
    'tail-bezel@lamp.right.tail': { replated: 'yes' },
    'nose-emblem@panel.front': { faults: ['pitted', 'infill-gone'] },
    'nose-emblem@hood': null,
    'top-window@glass.rear': { faults: ['cloudy', 'yellowed'] },
    'top-cloth@top': { faults: ['worn'] },
    'top-frame@frame.top': { faults: ['latch-loose'] },
    'jack@': { presence: 'along' },
    'tools@': { presence: 'missing' },
    'keys@': { presence: 'along', count: 2 },
    'books@': { presence: 'along' },
    'spares@': { presence: 'along', note: 'one tail lamp lens, a box of clips' },
  },
  run: {
    fluids: [
      ['engine-oil', { level: 'full', looks: ['clean'] }],
      ['coolant', { level: 'low', looks: ['clean'] }],
      ['brake', { level: 'full', looks: ['clean'] }],
      ['transmission', { level: 'full', looks: ['dark'] }],
      ['power-steering', { level: 'low' }],
    ],
    starts: [
      {
        cold: 'cold',
        floor: 'drips',
        cranks: 'slow',
        catches: 'at-once',
        choke: 'not-needed',
        smoke: [{ colour: 'none' }],
      },
      { hot: true, cranks: 'slow', catches: 'at-once', smoke: [{ colour: 'none' }] },
    ],
    engine: { volts: 13.9, thermostatC: 88, oilKpa: 420 },
    wet: [
      ['bellhousing', 'wet', 'engine-oil'],
      ['engine.valve-cover', 'dry', null],
      ['engine.pan', 'dry', null],
      ['engine.rear-main', 'damp', 'engine-oil'],
      ['transmission.pan', 'damp', 'transmission', 'before'],
      ['steering.box', 'damp', 'power-steering', 'before'],
    ],
    functions: {
      'seat-belt.left.front': { state: 'absent' },
      'seat-belt.right.front': { state: 'absent' },
      top: { state: 'poor', seconds: 41, note: 'stops half way, goes on by hand', cause: 'low hydraulic fluid' },
      radio: { state: 'dead' },
      'seat.power': { state: 'works' },
      aerial: { state: 'disconnected' },
    },
    gate: {
      leave: 'yes',
      insured: 'no',
      brakes: 'yes',
      'brake-fluid': 'yes',
      steering: 'yes',
      lamps: 'yes',
      'warning-lamps': 'yes',
      weather: 'yes',
      wipers: 'yes',
    },
  },
  papers: {
    along: [['jack'], ['tools'], ['tonneau'], ['handbook', false]],
    standoff: { stands: 'level', looksWellFromM: 1 },
    numbers: [
      ['chassis-plate', 'SL59-01177', { zone: 'bulkhead', fastening: 'screws' }],
      ['engine-stamp', 'SV8 O1177', { zone: 'engine', stamping: 'faint' }],
      ['frame', 'SL59-O1177', { note: 'frame stamp below the left door, scaled' }],
    ],
    dates: [
      ['casting.block', 'H 9 8'],
      ['generator', '4158'],
    ],
    restored: [
      {
        system: 'brightwork',
        fromYear: 1988,
        by: 'the museum’s own workshop',
        extent: 'partial',
        quality: 'fine',
        matured: true,
      },
      {
        system: 'cabin',
        fromYear: 1988,
        by: 'the museum’s own workshop',
        extent: 'partial',
        quality: 'good',
        matured: true,
      },
    ],
    proofs: [['wear-fits', 'pedals and seat piping']],
  },
  walk,
};
