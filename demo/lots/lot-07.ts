import type { DemoLot, PhotoOrder } from '../lot';
import type { DemoVisit } from '../visit';
import { cleanAll, enter } from '../walks';

function walk(v: DemoVisit): PhotoOrder[] {
  enter(
    v,
    [
      ['original-colour', 'Original colour.', 'Museum card'],
      ['never-hit', 'No damage ever.', 'Harald Voss, trustee'],
    ],
    [
      ['hood', 'cracking', { share: 0.15, where: 'star-shaped, around the hinge', visibleFromM: 1 }],
      ['fender.left', 'cracking', { sizeMm: 140, where: 'above the arch' }],
      ['quarter.right', 'colour-mismatch', { where: 'against the door', visibleFromM: 2 }],
      ['quarter.right', 'sand-scratches', { share: 0.2 }],
      ['door.left.front', 'gap-uneven', { note: 'Opens by 3 mm towards the top.' }],
      ['backbone', 'rust-film', { share: 0.4 }],
      ['fork.left.front', 'rust-scale', { sizeMm: 90, where: 'lower flange at the cross-member' }],
      ['deck', 'proud', { sizeMm: 300, where: 'rear edge' }],
      ['dash', 'split', { sizeMm: 110, where: 'veneer, passenger side' }],
      ['lamp.left.head', 'works-poorly', { where: 'rises slowly' }],
      ['glass.rear', 'rubber-hard', {}],
    ],
  );
  v.metal('fork.left.front', 'lower flange at the cross-member', {
    surface: 'pitted',
    magnet: 'holds',
    wipe: 'stays',
    press: 'hard',
  });
  cleanAll(v, ['outside', 'engine', 'cabin', 'trunk', 'underneath'], ['tank', 'crossmember.rear']);
  v.blocked(['tank', 'crossmember.rear'], 'no-lift', 'pit too short');
  return [
    { subject: 'cracks', zone: 'hood', finding: 0, caption: 'Crazing at the hinge' },
    { subject: 'cracks', zone: 'fender.left', finding: 1, caption: 'Above the arch' },
    { subject: 'panel', zone: 'quarter.right', finding: 2, caption: 'Against the door' },
    { subject: 'rust', zone: 'fork.left.front', finding: 6, caption: 'Lower flange' },
    {
      subject: 'rusted-panel',
      zone: 'fork.left.front',
      finding: null,
      caption: 'Fork, outer face',
      flawedShare: 0.03,
      ground: '#4a4f55',
      measured: 'rust',
    },
    { subject: 'seam', zone: 'door.left.front', finding: 4, caption: 'Front seam with card' },
    { subject: 'cabin', zone: 'dash', finding: 8, caption: 'Veneer' },
  ];
}

/** Lot 7, glass fibre: crazing; the gauge can say nothing of the body. */
export const LOT_07: DemoLot = {
  number: 7,
  make: 'ormelle',
  model: 'Vireo',
  year: 1968,
  body: 'sports',
  style: 'sports',
  stage: 'full',
  graded: {
    keeper: [61, 71],
    says: 'Honest: glass fibre with a crazed finish, scale on the fork that carries the front.',
  },
  worth: { expected: 31000 },
  sealed: true,
  published: true,
  dueInDays: 7,
  keeper: 'Ilse Brandvik',
  lent: true,
  facts: {
    colour: 'silver blue',
    hex: '#7b94a6',
    paintType: 'metallic',
    steering: 'right',
    chassisNumber: 'OV68-0231',
    engineNumber: '',
    odometer: { value: 38840, unit: 'mi' },
    odometerDigits: 5,
    keptIn: 'dry hall',
    drive: 'no',
  },
  weakLeft: ['tank'],
  run: {
    fluids: [['engine-oil', { level: 'full', looks: ['dark'] }]],
    starts: [{ cold: 'cold', floor: 'dry', cranks: 'slow', catches: 'after-a-while', choke: 'used' }],
    wet: [['engine.front-seal', 'damp', 'engine-oil', 'before']],
    functions: { 'lamp.head.low': { state: 'poor', note: 'rise slowly' }, radio: { state: 'absent' } },
  },
  papers: {
    numbers: [['chassis-plate', 'OV68-0231', { zone: 'bulkhead', fastening: 'rivets-works' }]],
    proofs: [['colour-hidden-same', 'below the carpet and in the boot']],
  },
  walk,
};
