import { capital } from './capital';
import { type Both, pick, sideWord, type Wording } from './vocabulary';

/** Names of the parts that zone slugs begin with. */
export const PART_WORDS: Readonly<Record<string, Both>> = {
  hood: { us: 'hood', gb: 'bonnet' },
  cowl: { us: 'cowl', gb: 'scuttle' },
  roof: 'roof',
  deck: { us: 'trunk lid', gb: 'boot lid' },
  'deck.inner': { us: 'trunk lid, inside', gb: 'boot lid, inside' },
  'panel.front': 'front panel',
  'panel.rear': 'rear panel',
  'valance.front': 'front valance',
  'valance.rear': 'rear valance',
  'bumper.front': 'front bumper',
  'bumper.rear': 'rear bumper',
  grille: 'grille',
  fender: { us: 'fender', gb: 'front wing' },
  'door.front': 'front door',
  'door.rear': 'rear door',
  quarter: { us: 'quarter panel', gb: 'rear wing' },
  bed: { us: 'bed side', gb: 'bed side' },
  'bed.floor': 'bed floor',
  tailgate: 'tailgate',
  corner: 'cab corner',
  top: { us: 'top', gb: 'hood (soft top)' },
  'boot.top': { us: 'top boot cover', gb: 'hood cover' },
  'frame.top': { us: 'top frame', gb: 'hood frame' },
  'well.top': { us: 'top well', gb: 'hood well' },
  'skirt.rear': { us: 'fender skirt', gb: 'wheel spat' },
  sunroof: 'sunroof',
  side: 'side, load bay',
  hatch: 'rear hatch',
  'hatch.inner': 'rear hatch, inside',
  'lid.engine': 'engine lid',
  bay: { us: 'engine bay side', gb: 'engine bay side' },
  'tailgate.inner': 'tailgate, inside',
  'pillar.b': { us: 'B-pillar', gb: 'door pillar' },
  'pillar.d': { us: 'rear pillar', gb: 'rear pillar' },
  'glass.cargo': 'side glass, load bay',
  'load.floor': 'load floor',
  load: 'load bay side',
  bench: { us: 'side bench', gb: 'side bench' },
  footwell: { us: 'footwell, outside', gb: 'footwell, outside' },
  'outrigger.front': 'front outrigger',
  'outrigger.rear': 'rear outrigger',
  'fork.front': 'front fork of the backbone',
  'fork.rear': 'rear fork of the backbone',
  backbone: 'backbone',
  rocker: { us: 'rocker', gb: 'sill' },
  'rocker.inner': { us: 'inner rocker', gb: 'inner sill' },
  'pillar.a': { us: 'A-pillar', gb: 'windscreen pillar' },
  'glass.windshield': { us: 'windshield', gb: 'windscreen' },
  'glass.rear': 'side glass, rear',
  'glass.front': 'side glass, front',
  'lamp.head': 'head lamp',
  'lamp.tail': 'tail lamp',
  'wheel.front': 'front wheel',
  'wheel.rear': 'rear wheel',
  'crossmember.front': 'front crossmember',
  'crossmember.rear': 'rear crossmember',
  'rail.front': 'front rail',
  'rail.rear': 'rear rail',
  'housing.front': { us: 'front wheel housing', gb: 'front inner wing' },
  'housing.rear': { us: 'rear wheel housing', gb: 'rear wheel arch' },
  'floor.front': 'front floor',
  'floor.rear': 'rear floor',
  tunnel: 'tunnel',
  tank: { us: 'fuel tank', gb: 'fuel tank' },
  'trunk.floor': { us: 'trunk floor', gb: 'boot floor' },
  'support.radiator': 'radiator support',
  radiator: 'radiator',
  apron: { us: 'fender apron', gb: 'inner wing' },
  engine: 'engine',
  battery: 'battery',
  'reservoir.brake': 'brake reservoir',
  bulkhead: { us: 'firewall', gb: 'bulkhead' },
  dash: { us: 'dash', gb: 'dashboard' },
  steering: 'steering wheel',
  'card.front': { us: 'front door panel', gb: 'front door card' },
  'card.rear': { us: 'rear door panel', gb: 'rear door card' },
  'carpet.front': 'front carpet',
  'carpet.rear': 'rear carpet',
  console: 'console',
  'seat.front': 'front seat',
  'seat.rear': 'rear seat',
  parcel: { us: 'package shelf', gb: 'parcel shelf' },
  headliner: { us: 'headliner', gb: 'headlining' },
  'trunk.panel': { us: 'trunk front panel', gb: 'boot front panel' },
  trunk: { us: 'trunk side', gb: 'boot side' },
  'trunk.mat': { us: 'trunk mat', gb: 'boot mat' },
  'trunk.well': { us: 'spare tire well', gb: 'spare wheel well' },
  'trunk.gutter': { us: 'trunk gutter', gb: 'boot gutter' },
};

/** Zones without a side whose slug would read as a sided part's. */
const WHOLE: Readonly<Record<string, Both>> = { 'glass.rear': { us: 'rear window', gb: 'rear screen' } };

/** The zone's name in the reader's words, part first: "Rear wing, left". */
export function zoneName(slug: string, wording: Wording): string {
  const name = zoneWords(slug, wording);
  return capital(name);
}

/** The same in running text, without the capital. */
export function zoneWords(slug: string, wording: Wording): string {
  const pieces = slug.split('.');
  const side = pieces.find((p): p is 'left' | 'right' => p === 'left' || p === 'right');
  const bare = pieces.filter((p) => p !== side).join('.');
  const word = (side === undefined ? WHOLE[slug] : undefined) ?? PART_WORDS[bare];
  const name = word === undefined ? bare.replaceAll('.', ' ') : pick(word, wording.words);
  return side === undefined ? name : `${name}, ${sideWord(side, wording)}`;
}

/** A seam by its two zones. */
export function seamName(slug: string, wording: Wording): string {
  return slug
    .split('|')
    .map((z) => zoneWords(z, wording))
    .join(' to ');
}
