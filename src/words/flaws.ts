import { flawById } from '@/core/catalogue/flaws/by-id';
import { type Both, pick, type Vocabulary } from './vocabulary';

/** Name of each flaw, and the words people say for it in the entry line besides the name and the id. */
export const FLAW_WORDS: Readonly<Record<string, { name: Both; cause?: Both; say?: readonly string[] }>> = {
  chip: { name: 'stone chip', cause: 'road', say: ['chip', 'chips', 'stonechip', 'stone chips'] },
  peppering: { name: 'peppering', cause: 'road', say: ['peppered'] },
  'scratch-clear': {
    name: 'scratch in the clear',
    cause: 'washing',
    say: ['clear scratch', 'light scratch', 'hairline'],
  },
  'scratch-through': {
    name: { us: 'scratch through the color', gb: 'scratch through the colour' },
    cause: 'contact',
    say: ['scratch', 'scratches', 'scratched', 'deep scratch'],
  },
  swirl: { name: 'swirl', cause: 'washing or machine', say: ['swirls', 'swirl marks'] },
  'burn-through': {
    name: 'burn-through',
    cause: 'too much machine polishing',
    say: ['burnthrough', 'burn through', 'polished through'],
  },
  etching: { name: 'etching', cause: 'bird lime, sap or water', say: ['etched', 'bird lime', 'water spots'] },
  'dust-nib': { name: 'dust nib', cause: 'dirty booth', say: ['nib', 'nibs', 'dust', 'dust nibs'] },
  'fish-eye': { name: 'fish-eye', cause: 'silicone', say: ['fisheye', 'fish eye', 'fisheyes'] },
  'solvent-pop': { name: 'solvent pop', cause: 'painted too fast or thick', say: ['pinhole', 'pinholes', 'pop'] },
  run: { name: 'run', cause: 'painted too wet', say: ['runs', 'sag', 'sags', 'curtain'] },
  'orange-peel': { name: 'orange peel', cause: 'spray set-up; also factory', say: ['peel texture', 'orangepeel'] },
  'dry-spray': { name: 'dry spray', cause: 'gun too far', say: ['dryspray'] },
  'sand-scratches': { name: 'sand scratches', cause: 'coarse preparation', say: ['sanding marks', 'prep scratches'] },
  blister: { name: 'paint blister', cause: 'moisture, or rust below', say: ['bubble', 'bubbles', 'blisters'] },
  cracking: { name: 'cracking', cause: 'thick film, filler or age', say: ['crack', 'cracks', 'crazing', 'cracked'] },
  peeling: { name: 'peeling', cause: 'no adhesion', say: ['peel', 'flaking', 'delaminating', 'lifting'] },
  fading: { name: 'fading', cause: 'sun', say: ['faded', 'chalking', 'dull', 'chalky'] },
  overspray: { name: 'overspray', cause: 'repaint', say: [] },
  'masking-line': {
    name: 'masking line',
    cause: 'repaint',
    say: ['tape line', 'mask line', 'tape lines', 'masking lines'],
  },
  'painted-over': {
    name: 'painted over',
    cause: 'repaint without dismantling',
    say: ['painted rubber', 'painted fasteners'],
  },
  'colour-under-chip': {
    name: { us: 'another color under a chip', gb: 'another colour under a chip' },
    cause: { us: 'color change', gb: 'colour change' },
    say: ['other colour', 'other color', 'colour under chip', 'color under chip'],
  },
  'touch-up': { name: 'touch-up', cause: 'old chip', say: ['touchup', 'blob', 'touch up'] },
  'colour-mismatch': {
    name: { us: 'color mismatch', gb: 'colour mismatch' },
    cause: 'repaint, or ageing of another material',
    say: ['mismatch', 'off colour', 'off color', 'colour mismatch', 'color mismatch'],
  },
  ding: { name: 'ding', cause: 'door or trolley', say: ['dings'] },
  dent: { name: 'dent', cause: 'contact', say: ['dents', 'dented'] },
  crease: { name: 'crease', cause: 'contact', say: ['creases', 'creased'] },
  wave: { name: 'wave', cause: 'filler or hammer work', say: ['waves', 'wavy', 'ripple', 'ripples'] },
  'filler-visible': { name: 'filler showing', cause: 'old repair', say: ['filler', 'bondo-like', 'filler edge'] },
  'gap-uneven': { name: 'uneven gap', cause: 'adjustment, or shape', say: ['uneven gap', 'gap uneven', 'tapered gap'] },
  proud: { name: 'proud of its neighbour', cause: 'adjustment, or shape', say: ['sits proud', 'high edge'] },
  drops: { name: 'drops when opened', cause: 'worn hinge', say: ['drop', 'drops when opened'] },
  'hard-shut': {
    name: 'must be slammed',
    cause: 'seal or adjustment',
    say: ['slam', 'hard to shut', 'must be slammed'],
  },
  'impact-damage': { name: 'sign of a past hit', cause: 'collision', say: ['hit', 'impact', 'wrinkled'] },
  'tie-down-torn': {
    name: 'torn tie-down',
    cause: 'towed or lashed by it, or a hit',
    say: ['tie down torn', 'tie-down torn', 'torn tie down', 'torn tow hook', 'tow eye torn'],
  },
  'gusset-drilled': {
    name: 'drilled gusset',
    cause: 'pulled straight by it after a hit',
    say: ['drilled gusset', 'gusset drilled', 'pull holes', 'holes from pulling'],
  },
  'corner-replaced': {
    name: 'replaced corner piece',
    cause: 'collision',
    say: ['replaced corner', 'corner replaced', 'corner let in', 'new corner'],
  },
  'rail-kinked': {
    name: 'kinked rail',
    cause: 'collision',
    say: ['kinked rail', 'kink in the rail', 'kinked', 'buckled rail', 'bent rail'],
  },
  'rust-film': { name: 'surface rust', cause: 'bare steel', say: ['surface rust', 'film', 'rust', 'rusty'] },
  'rust-blister': {
    name: 'rust blister',
    cause: 'rust under closed paint',
    say: ['rust bubble', 'rust bubbles', 'rust blisters'],
  },
  'rust-scale': {
    name: 'rust scale',
    cause: 'open, pitted rust',
    say: ['scale', 'scaly', 'pitted rust', 'flaky rust'],
  },
  perforated: {
    name: 'rusted through',
    cause: 'rust',
    say: [
      'hole',
      'holes',
      'rust hole',
      'rust holes',
      'perforated',
      'rot',
      'rotten',
      'rusted through',
      'rusted out',
      'holed',
    ],
  },
  'structural-loss': {
    name: 'structural loss',
    cause: 'rust in a load path',
    say: ['structural', 'structural rust', 'no strength'],
  },
  galvanic: {
    name: 'galvanic swelling',
    cause: 'aluminium against steel',
    say: ['white corrosion', 'alloy corrosion', 'galvanic'],
  },
  'patch-neat': { name: 'neat patch', cause: 'old repair', say: ['patch', 'patched', 'patches'] },
  'patch-crude': { name: 'crude patch', cause: 'old repair', say: ['crude patch', 'riveted', 'plate over'] },
  'underseal-flaking': {
    name: 'old underseal flaking',
    cause: 'age; look behind it',
    say: ['flaking underseal', 'flaking undercoating', 'underseal flaking', 'loose underseal'],
  },
  'pinch-weld-bent': {
    name: 'bent pinch weld',
    cause: 'jacked in the wrong place, or a hit',
    say: ['pinch weld bent', 'pinch weld crushed', 'crushed pinch weld', 'jacking damage'],
  },
  'fresh-underseal': { name: 'fresh underseal', cause: 'ask why', say: ['new underseal', 'fresh undercoating'] },
  pitting: { name: 'pitting', cause: 'plating worn or porous', say: ['pits', 'pitted', 'pit'] },
  'plating-peels': {
    name: 'plating lifts',
    cause: 'poor plating, or age',
    say: ['chrome peeling', 'plating peels', 'chrome lifting'],
  },
  cloudy: { name: 'cloudy', cause: 'age', say: ['cloudy', 'hazy', 'bloom'] },
  bent: { name: 'bent', cause: 'contact', say: ['bend', 'twisted'] },
  loose: { name: 'loose', cause: 'fixings', say: ['rattles', 'loose'] },
  'glass-chip': { name: 'chip in the glass', cause: 'road', say: ['chip', 'chips', 'glass chip', 'stone in glass'] },
  'glass-crack': {
    name: 'crack in the glass',
    cause: 'stress or contact',
    say: ['crack', 'cracks', 'cracked', 'broken', 'smashed', 'cracked glass', 'glass crack'],
  },
  delamination: {
    name: 'delamination',
    cause: 'age of laminated glass',
    say: ['milky', 'milky edge', 'delaminated', 'delaminating'],
  },
  'glass-scratched': {
    name: 'scratched glass',
    cause: 'wipers or film removal',
    say: ['wiper arc', 'wiper arcs', 'scratch', 'scratches', 'scratched', 'scratched glass'],
  },
  moisture: { name: 'moisture inside', cause: 'failed seal', say: ['condensation', 'water in lamp', 'moisture'] },
  'rubber-hard': { name: 'hardened rubber', cause: 'age', say: ['hard seal', 'hard rubber', 'hardened', 'perished'] },
  'rubber-torn': {
    name: 'torn rubber',
    cause: 'age or wear',
    say: ['torn', 'tear', 'torn seal', 'torn rubber', 'seal torn'],
  },
  split: { name: 'split', cause: 'wear', say: ['splits', 'torn', 'tear', 'tears', 'ripped', 'rip'] },
  worn: { name: 'worn', cause: 'use', say: ['wear'] },
  stained: { name: 'stained', cause: 'water or use', say: ['stain', 'stains'] },
  dirty: { name: 'dirty', cause: 'use', say: ['dirt', 'grubby'] },
  'smell-damp': {
    name: 'smells of damp',
    cause: 'water that stays: look below the carpets',
    say: [
      'smells damp',
      'smells of damp',
      'damp smell',
      'musty',
      'musty smell',
      'smells musty',
      'mouldy smell',
      'smells of mould',
    ],
  },
  'smell-mice': {
    name: 'smells of mice',
    cause: 'nests: look in the seats, the heater and the loom',
    say: ['smells of mice', 'mouse smell', 'mice smell', 'smells of mouse'],
  },
  'smell-smoke': { name: 'smells of smoke', cause: 'smoking', say: ['smells of smoke', 'smoke smell', 'smells smoky'] },
  'smell-fuel': {
    name: { us: 'smells of gasoline', gb: 'smells of petrol' },
    cause: 'a hose, the sender, or the carburetor: find it before a start',
    say: [
      'smells of petrol',
      'petrol smell',
      'smells of fuel',
      'fuel smell',
      'smells of gas',
      'gas smell',
      'gasoline smell',
    ],
  },
  sagging: { name: 'sagging', cause: 'age', say: ['sags down', 'fallen', 'hanging', 'sagging'] },
  damp: { name: 'damp', cause: 'a leak now', say: ['wet', 'moist'] },
  'dash-cracked': {
    name: 'cracked dash',
    cause: 'sun and age',
    say: ['crack', 'cracks', 'cracked', 'cracked dash', 'dash crack', 'dash cracks'],
  },
  'tire-damaged': {
    name: { us: 'damaged tire', gb: 'damaged tyre' },
    cause: 'a kerb, age, or driven flat',
    say: [
      'bulge',
      'bulged',
      'cut in the tire',
      'cut in the tyre',
      'cords',
      'cords showing',
      'cut sidewall',
      'sidewall cut',
      'unsafe tire',
      'unsafe tyre',
    ],
  },
  'tire-aged': {
    name: { us: 'over-age tire', gb: 'over-age tyre' },
    cause: 'age',
    say: ['old tyre', 'old tire', 'aged tyre', 'aged tire'],
  },
  'tire-worn': {
    name: { us: 'worn tire', gb: 'worn tyre' },
    cause: 'use',
    say: ['worn tyre', 'worn tire', 'bald', 'worn'],
  },
  missing: { name: 'missing', say: ['gone', 'absent', 'not there'] },
  'wrong-part': { name: 'wrong part', cause: 'later change', say: ['wrong', 'incorrect', 'not correct'] },
  inoperative: {
    name: 'does not work',
    say: [
      'dead',
      'not working',
      'inop',
      'does not work',
      "doesn't work",
      'seized',
      'stuck',
      'jammed',
      'broken',
      'frozen',
    ],
  },
  'works-poorly': { name: 'works poorly', say: ['slow', 'weak', 'works poorly', 'stiff'] },
  'leak-damp': { name: 'damp with fluid', say: ['weep', 'weeping', 'seep', 'seeping'] },
  'leak-drips': { name: 'drips', say: ['drip', 'dripping', 'leak', 'leaks', 'leaking'] },
  'wiring-altered': { name: 'altered wiring', say: ['bodged wiring', 'wiring altered', 'spliced'] },
  'number-mismatch': { name: 'number does not match', say: ['mismatch number', 'wrong number', 'non matching'] },
  'number-unreadable': { name: 'number cannot be read', say: ['unreadable', 'illegible'] },
  'own-words': { name: 'in own words', say: [] },
  'plate-disturbed': { name: 'plate disturbed', say: ['plate disturbed', 'screwed plate', 'rivets disturbed'] },
};

/** The flaw's name in the reader's words. */
export function flawName(id: string, words: Vocabulary): string {
  const entry = FLAW_WORDS[id];
  return entry ? pick(entry.name, words) : id;
}

/** Whether a flaw's name, or a word that people say for it, holds what is searched: the list and the line know the same words. */
export function flawAnswersTo(id: string, asked: string, words: Vocabulary): boolean {
  const wanted = asked.trim().toLowerCase();
  const phrases = [flawName(id, words), id.replaceAll('-', ' '), ...(FLAW_WORDS[id]?.say ?? [])];
  return phrases.some((p) => p.toLowerCase().includes(wanted));
}

/** Its usual cause, or an empty string where none is usual. */
export function flawCause(id: string, words: Vocabulary): string {
  const cause = FLAW_WORDS[id]?.cause;
  return cause ? pick(cause, words) : '';
}

/** The flaw with its count: "3 × dent"; for one that is counted by density, "peppering, 12 in a square of 100 mm". */
export function countedName(
  { flaw, count }: { readonly flaw: string; readonly count: number },
  words: Vocabulary,
): string {
  const name = flawName(flaw, words);
  if (count <= 1) return name;
  return flawById(flaw).perDm2 ? `${name}, ${count} in a square of 100 mm` : `${count} × ${name}`;
}

/** Edges of a panel; lengths along the upper and lower one are measured from the front, along the others from below. */
export const EDGES = ['leading', 'trailing', 'upper', 'lower'] as const;

/** "lower edge, 120 to 260 mm from the front". */
export function edgeText(edge: (typeof EDGES)[number], fromMm: number | null, toMm: number | null): string {
  const start = edge === 'upper' || edge === 'lower' ? 'from the front' : 'from below';
  if (fromMm === null && toMm === null) return `${edge} edge`;
  if (fromMm === null || toMm === null) return `${edge} edge, at ${fromMm ?? toMm} mm ${start}`;
  return `${edge} edge, ${Math.min(fromMm, toMm)} to ${Math.max(fromMm, toMm)} mm ${start}`;
}
