import type { View } from '../src/core/body/zone';
import { measureRound } from './fit';
import type { DemoLot } from './lots';
import type { DemoVisit } from './visit';
import { measureAll, type PhotoOrder } from './visits';

type Found = readonly [zone: string, flaw: string, extra: object];
type Claim = readonly [kind: string, text: string, source: string];

function enter(v: DemoVisit, claims: readonly Claim[], findings: readonly Found[]): void {
  for (const [kind, text, source] of claims) v.put('claim', { kind, text, source, saidAt: v.at() });
  for (const [zone, flaw, extra] of findings) v.finding(zone, flaw, extra);
}

function cleanAll(v: DemoVisit, views: readonly View[], except: readonly string[] = []): void {
  for (const view of views) v.clean(view, except);
}

/** Lot 2, two-tone convertible: superb chrome but for two die-cast pieces, blisters at the boot lip, a slow top. */
export function visitLot2(v: DemoVisit, lot: DemoLot, visit: string): PhotoOrder[] {
  measureAll(v, lot, visit);
  measureRound(v, { zone: 'door.right.front', bulge: { seam: 'door.right.front|quarter.right', mm: 3.6 } }, 5, 21);
  measureRound(v, { zone: 'door.left.front', dyMm: 0.3 }, 5, 22);
  enter(
    v,
    [
      ['restored', 'Restored 1988 by the museum’s own workshop.', 'Museum card'],
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
  cleanAll(v, ['outside', 'engine', 'cabin', 'trunk', 'underneath'], ['tank', 'well.top']);
  v.blocked(['well.top'], 'obstructed', 'top folded into it');
  v.blocked(['tank'], 'no-lift', 'pit too short');
  return [
    { subject: 'blisters', zone: 'deck', finding: 0, caption: 'Lower lip of the boot lid' },
    { subject: 'chrome', zone: 'lamp.left.tail', finding: 2, caption: 'Die-cast bezel' },
    { subject: 'panel', zone: 'deck', finding: 1, caption: 'Peel, against the light' },
    { subject: 'cabin', zone: 'seat.left.front', finding: null, caption: 'Front seats' },
    { subject: 'rust', zone: 'outrigger.right.rear', finding: 10, caption: 'Outrigger, lower flange' },
    { subject: 'gauge', zone: 'fender.left', finding: null, caption: 'Gauge on the wing', figure: '262' },
    { subject: 'plate', zone: 'bulkhead', finding: null, caption: 'Plate' },
  ];
}

/** Lot 3, utility: white corrosion at the door bottoms, a small hole in the bulkhead, a strap and the seats. */
export function visitLot3(v: DemoVisit, lot: DemoLot, visit: string): PhotoOrder[] {
  measureAll(v, lot, visit);
  enter(
    v,
    [
      ['no-rust', 'Aluminium body, no rust.', 'Harald Voss, trustee'],
      ['matching-engine', 'Original engine.', 'Museum card'],
    ],
    [
      ['door.left.front', 'galvanic', { count: 5, sizeMm: 35, where: 'bottom seam', active: 'active' }],
      ['door.right.front', 'galvanic', { count: 3, sizeMm: 25, where: 'bottom seam' }],
      ['quarter.right', 'galvanic', { sizeMm: 40, where: 'around the window’s lower corner' }],
      ['footwell.left', 'perforated', { sizeMm: 22, where: 'outer lower corner' }],
      ['door.left.front', 'missing', { where: 'check strap' }],
      ['bench.left', 'wrong-part', { note: 'Rear benches of two kinds.' }],
      ['hood', 'dent', { count: 2, sizeMm: 90, where: 'where the spare wheel sat' }],
      ['fender.left', 'wave', { sizeMm: 300, where: 'hand-beaten edge, as built' }],
      ['outrigger.right.front', 'rust-scale', { sizeMm: 120, where: 'lower face' }],
      ['rail.right.rear', 'rust-film', { share: 0.3 }],
      ['seat.left.front', 'split', { sizeMm: 120, where: 'outer edge' }],
      ['engine', 'leak-drips', { where: 'transfer case front seal' }],
      ['glass.right.rear', 'glass-scratched', { sizeMm: 150, where: 'sliding pane' }],
    ],
  );
  cleanAll(v, ['outside', 'engine', 'cabin', 'trunk', 'underneath'], ['tank']);
  v.blocked(['tank'], 'trim-on', 'guard plate not removed');
  return [
    { subject: 'blisters', zone: 'door.left.front', finding: 0, caption: 'White corrosion at the bottom seam' },
    { subject: 'rust', zone: 'footwell.left', finding: 3, caption: 'Hole at the footwell' },
    { subject: 'rust', zone: 'outrigger.right.front', finding: 8, caption: 'Outrigger from below' },
    { subject: 'panel', zone: 'hood', finding: 6, caption: 'Dents below the spare wheel' },
    { subject: 'cabin', zone: 'bench.left', finding: 5, caption: 'Rear bench' },
    { subject: 'gauge', zone: 'fender.right', finding: null, caption: 'Gauge on the wing', figure: '104' },
    { subject: 'plate', zone: 'bulkhead', finding: null, caption: 'Plate' },
  ];
}

/** Lot 4, pre-war saloon: weathered on top, headlining down, number matches, gauges work. */
export function visitLot4(v: DemoVisit, lot: DemoLot, visit: string): PhotoOrder[] {
  measureAll(v, lot, visit);
  enter(
    v,
    [
      ['original-paint', 'Never repainted.', 'Museum card'],
      ['matching-engine', 'Engine number agrees with the log book.', 'Log book'],
    ],
    [
      ['roof', 'fading', { share: 0.9 }],
      ['roof', 'burn-through', { count: 3, sizeMm: 180, where: 'crown' }],
      ['hood', 'fading', { share: 0.8 }],
      ['hood', 'burn-through', { count: 2, sizeMm: 90, where: 'centre hinge' }],
      ['deck', 'cracking', { share: 0.2, where: 'upper third' }],
      ['headliner', 'sagging', { note: 'Down from two bows.' }],
      ['seat.left.front', 'worn', { sizeMm: 200, where: 'piping' }],
      ['fender.right', 'touch-up', { count: 4, sizeMm: 15, where: 'lower rear' }],
      ['door.left.rear', 'drops', { note: 'About 4 mm at the latch: hinge post of wood.' }],
      ['rocker.left', 'rust-film', { sizeMm: 250, where: 'behind the running board' }],
      ['glass.windshield', 'delamination', { sizeMm: 60, where: 'lower corners' }],
      ['wheel.left.front', 'tire-aged', {}],
      ['engine', 'leak-damp', { where: 'water pump gland' }],
    ],
  );
  cleanAll(v, ['outside', 'engine', 'cabin', 'trunk', 'underneath'], ['tank', 'trunk.well']);
  v.blocked(['trunk.well'], 'owner', 'tools sealed by the trustees');
  v.blocked(['tank'], 'no-lift', 'pit too short');
  return [
    { subject: 'panel', zone: 'roof', finding: 1, caption: 'Worn through on the crown' },
    { subject: 'panel', zone: 'hood', finding: 2, caption: 'Faded top surface' },
    { subject: 'cracks', zone: 'deck', finding: 4, caption: 'Upper third' },
    { subject: 'cabin', zone: 'headliner', finding: 5, caption: 'Down from two bows' },
    { subject: 'gauge', zone: 'roof', finding: null, caption: 'Gauge on the roof', figure: '47' },
    { subject: 'plate', zone: 'bulkhead', finding: null, caption: 'Plate, number agrees with the engine' },
  ];
}

/** Lot 5, camper: tidy respray, a tie-down torn at the front, filler at one rear corner, years by the sea. */
export function visitLot5(v: DemoVisit, lot: DemoLot, visit: string): PhotoOrder[] {
  measureAll(v, lot, visit);
  enter(
    v,
    [
      ['never-hit', 'Never in an accident.', 'Harald Voss, trustee'],
      ['restored', 'Repainted in 2016 after it left the coast.', 'Invoice in the file'],
    ],
    [
      ['quarter.right', 'filler-visible', { sizeMm: 320, where: 'rear corner, low' }],
      ['quarter.right', 'cracking', { sizeMm: 60, where: 'above the bumper bracket' }],
      ['crossmember.front', 'impact-damage', { sizeMm: 90, where: 'tie-down hole torn, left' }],
      ['valance.front', 'dent', { sizeMm: 130, where: 'left, behind the bumper' }],
      ['rocker.left', 'patch-neat', { sizeMm: 420, where: 'rear half' }],
      ['rocker.right', 'rust-blister', { count: 4, sizeMm: 15, where: 'front end' }],
      ['door.left.front', 'overspray', { where: 'on the hinge screws' }],
      ['hatch', 'rubber-hard', {}],
      ['lid.engine', 'colour-mismatch', { where: 'against the hatch', visibleFromM: 3 }],
      ['floor.left.front', 'fresh-underseal', { share: 0.6 }],
      ['rail.left.rear', 'rust-scale', { sizeMm: 160, where: 'ahead of the engine mount' }],
      ['seat.right.front', 'stained', { sizeMm: 200 }],
      ['engine', 'leak-damp', { where: 'push-rod tubes' }],
    ],
  );
  cleanAll(v, ['outside', 'engine', 'cabin', 'trunk', 'underneath'], ['tank', 'load.left', 'load.right']);
  v.blocked(['load.left', 'load.right'], 'trim-on', 'camping cupboards');
  v.blocked(['tank'], 'no-lift', 'pit too short');
  return [
    { subject: 'cracks', zone: 'quarter.right', finding: 1, caption: 'Crack over the filler' },
    { subject: 'panel', zone: 'quarter.right', finding: 0, caption: 'Rear corner, against the light' },
    { subject: 'rust', zone: 'crossmember.front', finding: 2, caption: 'Tie-down torn' },
    { subject: 'blisters', zone: 'rocker.right', finding: 5, caption: 'Front end' },
    { subject: 'rust', zone: 'rail.left.rear', finding: 10, caption: 'Ahead of the engine mount' },
    {
      subject: 'gauge',
      zone: 'quarter.right',
      finding: null,
      caption: 'Gauge, no further than its ceiling',
      figure: '---',
    },
    { subject: 'cabin', zone: 'load.floor', finding: null, caption: 'Camping fit-out' },
  ];
}

/** Lot 7, glass fibre: crazing; the gauge can say nothing of the body. */
export function visitLot7(v: DemoVisit): PhotoOrder[] {
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
  cleanAll(v, ['outside', 'engine', 'cabin', 'trunk', 'underneath'], ['tank', 'crossmember.rear']);
  v.blocked(['tank', 'crossmember.rear'], 'no-lift', 'pit too short');
  return [
    { subject: 'cracks', zone: 'hood', finding: 0, caption: 'Crazing at the hinge' },
    { subject: 'cracks', zone: 'fender.left', finding: 1, caption: 'Above the arch' },
    { subject: 'panel', zone: 'quarter.right', finding: 2, caption: 'Against the door' },
    { subject: 'rust', zone: 'fork.left.front', finding: 6, caption: 'Lower flange' },
    { subject: 'seam', zone: 'door.left.front', finding: 4, caption: 'Front seam with card' },
    { subject: 'cabin', zone: 'dash', finding: 8, caption: 'Veneer' },
  ];
}
