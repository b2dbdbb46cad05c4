import { GAP_REFUSALS } from '@/core/catalogue/gap-refusals';
import { FIT_HINTS } from '@/core/fit/hints';
import { correctionText, gapText, hintText, movementText, SEAM_REFUSED_WORDS, seamName, shutText } from './fit';
import { PLAIN_WORDING as GB } from './vocabulary';

const still = { dxMm: 0, dyMm: 0, dzMm: 0 };

it('says a movement by its parts, and nothing of one that is not worth it', () => {
  expect(movementText({ dxMm: 0.9, dyMm: -1.64, dzMm: 0.1 })).toBe('0.9 mm forward, 1.6 mm down');
  expect(movementText({ dxMm: -0.3, dyMm: 0, dzMm: -0.5 })).toBe('0.3 mm rearward, 0.5 mm in');
  expect(movementText(still)).toBe('');
});

it('says what to do at the free edge first, then at each hinge', () => {
  const hinges = { upper: { ...still, dxMm: -0.9 }, lower: still };
  expect(correctionText('door', hinges, { ...still, dyMm: 1.6 })).toBe(
    'Raise the rear edge 1.6 mm. Move the upper hinge 0.9 mm rearward.',
  );
  // A lid is raised out of its face, at its front for a bonnet.
  expect(correctionText('hood', hinges, { ...still, dyMm: 3, dzMm: -2 })).toMatch(/^Lower the front edge 2\.0 mm\. /);
  // Reports sealed before the free edge was kept, and edges that stay, say only the hinges.
  for (const latch of [undefined, still])
    expect(correctionText('door', hinges, latch)).toBe('Move the upper hinge 0.9 mm rearward.');
  expect(correctionText('hood', { left: { ...still, dxMm: -1, dyMm: 1.2, dzMm: 0.5 } }, undefined)).toBe(
    'Move the left hinge 1.0 mm rearward, 1.2 mm to the left, 0.5 mm up.',
  );
  expect(correctionText('top-hinged-gate', { left: { ...still, dxMm: 1 } }, { ...still, dzMm: -1.5 })).toBe(
    'Bring in the lower edge 1.5 mm. Move the left hinge 1.0 mm up.',
  );
  expect(correctionText('door', { upper: still }, { ...still, dyMm: 5 })).toContain('No movement');
});

it('has a sentence for every hint and every refusal, none of which claims to know', () => {
  for (const kind of FIT_HINTS) {
    const text = hintText({ kind, zones: ['door.left.front'], figuresMm: [2.04, -3.1] }, GB);
    expect(text).toContain('2.0 mm');
    expect(text).toMatch(/as with|as when|worn springs, a repaired corner or a wrong part/);
  }
  for (const reason of [...GAP_REFUSALS, 'by-hand'] as const) expect(SEAM_REFUSED_WORDS[reason]).toMatch(/\.$/);
});

it('names seams and sums up what was measured along them', () => {
  expect(seamName('door.left.front|fender.left', GB)).toBe('Front door, left to front wing, left');
  const station = { gapSeMm: null, flushSeMm: null, edgesPx: null, touched: null, refused: null };
  const body = {
    seam: 'cowl|hood',
    by: 'wedge' as const,
    photo: null,
    evidence: 'measured' as const,
    note: '',
    at: '2027-02-10T09:00:00Z',
    stations: [
      { ...station, sMm: 0, gapMm: 4, flushMm: -1.5 },
      { ...station, sMm: 9, gapMm: 5, flushMm: null },
      { ...station, sMm: 18, gapMm: 30, flushMm: null, touched: 'dropped' as const },
    ],
  };
  expect(gapText(body)).toBe('4.5 mm (4.0 to 5.0), 2 places, flush within 1.5 mm, by wedge');
});

it('says how a panel shuts only as far as it was tried', () => {
  const open = { feel: null, sound: null, checkStrap: null, glass: null, lines: null, rubs: null, note: '' };
  const body = { ...open, zone: 'door.left.front', dropMm: 2, at: '2027-02-10T09:00:00Z', evidence: 'seen' as const };
  expect(shutText(body)).toBe('drops 2 mm on opening');
  expect(shutText({ ...body, feel: 'slam', dropMm: 0 })).toBe('must be slammed, does not drop on opening');
});
