/** Places on a car, or on its papers, where a number lives. */
export const NUMBER_PLACES = [
  'chassis-plate',
  'frame',
  'pillar',
  'dash',
  'trim-plate',
  'engine-stamp',
  'engine-casting',
  'gearbox',
  'axle',
  'body',
  'title',
  'label',
  'keys',
  'glass',
] as const;
export type NumberPlace = (typeof NUMBER_PLACES)[number];
/** Where each is looked for on the plan; the first zone that a car has counts. */
export const NUMBER_ZONES: Readonly<Record<NumberPlace, readonly string[]>> = {
  'chassis-plate': ['bulkhead'],
  frame: ['rail.right.front', 'rail.left.front'],
  pillar: ['pillar.left.a', 'pillar.left.b'],
  dash: ['dash'],
  'trim-plate': ['bulkhead', 'radiator'],
  'engine-stamp': ['engine'],
  'engine-casting': ['engine'],
  gearbox: ['tunnel'],
  axle: ['tank', 'crossmember.rear'],
  body: ['bulkhead', 'deck.inner'],
  title: [],
  label: ['deck.inner', 'door.left.front'],
  keys: [],
  glass: ['glass.windshield'],
};
/** Places that should bear the chassis number itself. */
export const CHASSIS_PLACES: readonly NumberPlace[] = ['chassis-plate', 'frame', 'pillar', 'dash', 'title', 'glass'];

/** How a plate is held: its own fasteners are evidence. */
export const FASTENINGS = ['rivets-works', 'rivets-other', 'screws', 'glued', 'loose', 'plate-missing'] as const;
export type Fastening = (typeof FASTENINGS)[number];
/** How a stamp and the ground round it look. */
export const STAMPINGS = ['undisturbed', 'faint', 'ground', 'restamped', 'unreadable'] as const;
export type Stamping = (typeof STAMPINGS)[number];

/** Papers and things that tell of the car's past. */
export const PAPER_SORTS = [
  'registration',
  'title',
  'service',
  'bill',
  'inspection',
  'old-photo',
  'letter',
  'listing',
  'build-record',
  'other',
] as const;
export type PaperSort = (typeof PAPER_SORTS)[number];
export const PAPER_SEEN = ['original', 'copy', 'told'] as const;
export const STORAGES = ['dry', 'damp', 'salt', 'outdoors', 'unknown'] as const;
export type Storage = (typeof STORAGES)[number];

/** What a part is to this car. */
export const PART_STATES = ['factory', 'period', 'later', 'reproduction', 'modified', 'missing', 'unknown'] as const;
export type PartState = (typeof PART_STATES)[number];
export const REVERSIBLES = ['yes', 'no', 'unknown'] as const;

/** Parts that make a car what it is, in the order in which they are gone over. */
export const MAJOR_PARTS = {
  body: 'body shell or body',
  frame: 'frame',
  engine: 'engine',
  fuelling: 'carburetors or injection',
  gearbox: 'gearbox',
  axle: 'rear axle',
  'front-axle': 'front suspension',
  brakes: 'brakes',
  steering: 'steering',
  wheels: 'wheels',
  bumpers: 'bumpers',
  grille: 'grille',
  lamps: 'lamps',
  glass: 'glass',
  doors: 'doors',
  wings: 'wings',
  hood: 'hood',
  'deck-lid': 'deck lid or tailgate',
  top: 'top',
  seats: 'seats',
  trim: 'door cards and trim',
  carpet: 'carpets',
  dash: 'dash and instruments',
  'steering-wheel': 'steering wheel',
  radio: 'radio',
  loom: 'wiring loom',
  charging: 'generator and charging',
  exhaust: 'exhaust',
  tank: 'fuel tank',
} as const;
export type MajorPart = keyof typeof MAJOR_PARTS;
export const MAJOR_PART_IDS = Object.keys(MAJOR_PARTS) as [MajorPart, ...MajorPart[]];

/** What was restored, and how far. */
export const SYSTEMS = ['body-paint', 'brightwork', 'cabin', 'mechanical', 'electrical', 'underside'] as const;
export type WorkSystem = (typeof SYSTEMS)[number];
export const WORK_EXTENTS = ['cosmetic', 'partial', 'frame-off'] as const;
export const WORK_QUALITIES = ['poor', 'fair', 'good', 'fine'] as const;
/** Signs of workmanship in replaced metal and elsewhere. */
export const WORK_SIGNS = [
  'sealer-as-works',
  'stampings-present',
  'drain-plugs-in',
  'welds-dressed',
  'welds-rough',
  'overspray',
  'new-loom',
  'old-loom-mended',
] as const;
export type WorkSign = (typeof WORK_SIGNS)[number];
