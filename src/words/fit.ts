import { type Hanging, type Hung, hangingOf } from '@/core/body/hanging';
import type { GapRefusal } from '@/core/catalogue/gap-refusals';
import type { GapStage } from '@/core/fit/gap/order';
import type { FitHint } from '@/core/fit/hints';
import type { FitVerdict, Movement } from '@/core/fit/panel-fit';
import type { BodyOf } from '@/core/kinds';
import type { Wording } from './vocabulary';
import { zoneName, zoneWords } from './zones';

export const GAP_REFUSAL_WORDS: Readonly<Record<GapRefusal, string>> = {
  'card-not-flat':
    'The card is bent or its corners are not those of a flat card. Lay it flat on the panel by the seam.',
  'too-coarse': 'There are too few pixels to a millimetre (about 4 are needed). Go nearer.',
  blurred: 'The picture is not sharp. Hold still, focus on the seam, take it again.',
  'no-slot': 'No dark slot is seen along the drawn line.',
  'too-tilted': 'The view leans too much: the near lip hides part of the gap. Look straight at the seam.',
  'seam-off-plane': 'The seam does not lie in the card’s plane. Lay the card on the panel beside it.',
  unreadable: 'The picture or the places on it cannot be used. Tap the card’s four corners and draw along the seam.',
};

export const SEAM_REFUSED_WORDS: Readonly<Record<GapRefusal | 'by-hand', string>> = {
  ...GAP_REFUSAL_WORDS,
  'by-hand': 'Refused by the inspector.',
};

/** Seams are told from their front, or their top. */
export const PIECE_WORDS = {
  start: 'front or top',
  middle: 'middle',
  end: 'rear or bottom',
} as const;

/** What is being done while a gap is measured. */
export const GAP_STAGE_WORDS: Readonly<Record<GapStage | 'picture', string>> = {
  picture: 'reading the picture',
  card: 'finding the card’s corners',
  slot: 'following the seam',
  edges: 'locating its edges',
};

export const FIT_VERDICT_WORDS: Readonly<Record<FitVerdict, string>> = {
  good: 'hangs well',
  adjust: 'can be adjusted at its hinges and latch',
  partly: 'adjusting helps in part; the rest is the shape of panel or opening',
  reshape: 'the shape of panel or opening is wrong; adjusting does not bring it right',
  'beyond-slots': 'would have to move further than its hinges allow',
};

export const BY_WORDS = {
  feeler: 'feeler',
  wedge: 'wedge',
  caliper: 'caliper',
  photo: 'photograph',
  eye: 'eye',
} as const;

export const SHUT_WORDS = {
  feel: {
    'one-finger': 'closes with one finger',
    push: 'needs a push',
    slam: 'must be slammed',
    'will-not': 'does not shut',
  },
  sound: { solid: 'sounds solid', tinny: 'sounds tinny', dull: 'sounds dull', rattles: 'rattles' },
  checkStrap: { holds: 'check strap holds', weak: 'check strap weak', missing: 'check strap missing' },
  glass: {
    inside: 'glass inside the trim',
    'on-trim': 'glass on top of the trim',
    'gap-at-corner': 'glass leaves a gap at the corner',
  },
  lines: { through: 'lines run through', off: 'lines do not meet', softened: 'lines softened' },
} as const;

/** "left front door to left front wing". */
export function seamName(seam: string, wording: Wording): string {
  const [a, b] = seam.split('|') as [string, string];
  return `${zoneName(a, wording)} to ${zoneWords(b, wording)}`;
}

/** Mean and range of what was measured along a seam. */
export function gapText({ stations, by }: BodyOf<'gap'>): string {
  const widths = stations.flatMap((s) => (s.gapMm !== null && s.touched !== 'dropped' ? [s.gapMm] : []));
  const flush = stations.flatMap((s) => (s.flushMm !== null ? [s.flushMm] : []));
  const mean = widths.reduce((t, w) => t + w, 0) / (widths.length || 1);
  return [
    widths.length > 0
      ? `${mean.toFixed(1)} mm (${Math.min(...widths).toFixed(1)} to ${Math.max(...widths).toFixed(1)}), ${widths.length} ${widths.length === 1 ? 'place' : 'places'}`
      : '',
    flush.length > 0 ? `flush within ${Math.max(...flush.map(Math.abs)).toFixed(1)} mm` : '',
    `by ${BY_WORDS[by]}`,
  ]
    .filter(Boolean)
    .join(', ');
}

export function shutText(s: BodyOf<'shut'>): string {
  return [
    s.feel && SHUT_WORDS.feel[s.feel],
    s.sound && SHUT_WORDS.sound[s.sound],
    s.dropMm !== null && (s.dropMm > 0 ? `drops ${s.dropMm} mm on opening` : 'does not drop on opening'),
    s.checkStrap && SHUT_WORDS.checkStrap[s.checkStrap],
    s.glass && SHUT_WORDS.glass[s.glass],
    s.rubs !== null && (s.rubs ? 'rubs to bare metal' : 'does not rub'),
    s.lines && SHUT_WORDS.lines[s.lines],
    s.note,
  ]
    .filter(Boolean)
    .join(', ');
}

export function stanceText(s: BodyOf<'stance'>): string {
  return `front ${s.leftFrontMm} and ${s.rightFrontMm} mm, rear ${s.leftRearMm} and ${s.rightRearMm} mm (left and right)`;
}

/** Least movement that is worth a word, mm. */
const WORTH_MM = 0.2;

type Ways = readonly [plus: string, minus: string];

/** What the axes of a panel's plane are called, by how it lies in the car. */
const WAYS: Readonly<Record<Hanging['face'], Readonly<Record<'x' | 'y' | 'z', Ways>>>> = {
  flank: { x: ['forward', 'rearward'], y: ['up', 'down'], z: ['out', 'in'] },
  lid: { x: ['forward', 'rearward'], y: ['to the left', 'to the right'], z: ['up', 'down'] },
  gate: { x: ['up', 'down'], y: ['to the left', 'to the right'], z: ['out', 'in'] },
  'gate-upside-down': { x: ['down', 'up'], y: ['to the left', 'to the right'], z: ['out', 'in'] },
};

/** What is done to a free edge, by the direction in which it is set. */
const RAISE: Ways = ['Raise', 'Lower'];
const BRING: Ways = ['Bring out', 'Bring in'];

/** A hinge's movement in words: "0.9 mm rearward, 1.6 mm up". Empty when it is not worth one. */
export function movementText({ dxMm, dyMm, dzMm }: Movement, hung: Hung = 'door'): string {
  const { x, y, z } = WAYS[hangingOf(hung).face];
  const part = (mm: number, [plus, minus]: Ways) =>
    Math.abs(mm) < WORTH_MM ? '' : `${Math.abs(mm).toFixed(1)} mm ${mm > 0 ? plus : minus}`;
  return [part(dxMm, x), part(dyMm, y), part(dzMm, z)].filter(Boolean).join(', ');
}

/** What the free edge does: "Raise the rear edge 3.1 mm." Empty when it is not worth a word, or the panel hangs on no hinges. */
function freeEdgeText(hung: Hung | undefined, latch: Movement | undefined): string {
  if (!hung || !latch) return '';
  const { freeEdge, face } = hangingOf(hung);
  const mm = face === 'flank' ? latch.dyMm : latch.dzMm;
  const [plus, minus] = face === 'flank' || face === 'lid' ? RAISE : BRING;
  return Math.abs(mm) < WORTH_MM ? '' : `${mm > 0 ? plus : minus} the ${freeEdge} edge ${Math.abs(mm).toFixed(1)} mm. `;
}

/** Everything that is to be done, in words: the free edge first, then each hinge. */
export function correctionText(
  hung: Hung | undefined,
  hinges: Readonly<Record<string, Movement>>,
  latch: Movement | undefined,
): string {
  const told = Object.entries(hinges).flatMap(([name, m]) => {
    const text = movementText(m, hung);
    return text === '' ? [] : [`${name} hinge ${text}`];
  });
  if (told.length === 0) return 'No movement of the hinges is worth making.';
  return `${freeEdgeText(hung, latch)}Move the ${told.join('; the ')}.`;
}

/** A pattern and what it suggests, with the figures behind it; inferred, and said so. */
export function hintText(hint: FitHint, wording: Wording): string {
  const mm = (i: number) => `${Math.abs(hint.figuresMm[i] ?? 0).toFixed(1)} mm`;
  switch (hint.kind) {
    case 'worn-top-hinge':
      return `${zoneName(hint.zones[0]!, wording)} hangs ${mm(0)} low at its latch${hint.figuresMm.length > 1 ? ` and drops ${mm(1)} on opening` : ''}: as with a worn upper hinge.`;
    case 'sagging-body':
      return `The gaps of the doors close towards the top on both sides (${mm(0)} and ${mm(1)}): as when an open body sags.`;
    case 'shifted-front':
      return `The gaps beside the ${zoneWords('hood', wording)} differ, ${mm(0)} on the left and ${mm(1)} on the right: as when the front end was moved.`;
    case 'lean':
      return `The car leans ${mm(0)} at the front and ${mm(1)} at the rear: worn springs, a repaired corner or a wrong part.`;
  }
}
