import { CARD_LIMITS, refineCard } from '../../image/card';
import { edgeExponent } from '../../image/edge-tone';
import { homographyOf, inverse, mapped, meanStretch, type Point, stretchAt, tiltDegOf } from '../../image/homography';
import { coarser, type Pixels } from '../../image/pixels';
import { LUMA, toneOf } from '../../image/sample';
import { GAP_LIMITS } from '../gap-limits';
import { seamStrip } from '../seam-strip';
import { summarise } from '../seam-summary';
import { slotAlong } from '../slot';
import { worstMarkMm } from './card-marks';
import { cardPlane, cardSize, convex, perimeterOf, turning } from './card-shape';
import { middleOf } from './middle';
import { type GapOrder, type GapResult, type GapStage, refuse } from './order';
import { scaleErrors } from './scale';
import { isShaken, looksBlurred } from './sharpness';
import { stationsOf } from './stations';
import { channelsFor, colourPlaces } from './tone-channels';

const { floor, hypot, max, min } = Math;

/**
 * Measures the gap of a seam on one photograph with a flat card of known size beside it: the card's corners to sub-pixel,
 * the plane's map from them, the strip along the roughly drawn seam laid straight, the two edges of the dark slot followed
 * by continuity and located to sub-pixel, a station every `stepMm`. Widths in mm across the seam with 10 and 90 % points.
 * Refuses with one of GAP_REFUSALS instead of guessing; single stations without a slot, or off their neighbours, are
 * refused by themselves. Pictures finer than
 * `finestPxPerMm` are made coarser first: edges gain nothing there, and noise is averaged. See docs/decisions/0010-gap.md.
 */
export function measureGap(pixels: Pixels, order: GapOrder, onStage: (stage: GapStage) => void = () => {}): GapResult {
  const [w, h] = order.cardMm;
  const pxPerMm = perimeterOf(order.cardPx) / (2 * (w + h));
  if (!(pxPerMm > GAP_LIMITS.finestPxPerMm)) return measureAsIs(pixels, order, onStage);
  const by = floor((2 * pxPerMm) / GAP_LIMITS.finestPxPerMm);
  const shift = (by - 1) / 2;
  const down = ([x, y]: Point): Point => [(x - shift) / by, (y - shift) / by];
  const up = ([x, y]: Point): Point => [x * by + shift, y * by + shift];
  const smaller = { ...order, cardPx: order.cardPx.map(down), seamPx: order.seamPx.map(down) };
  const found = measureAsIs(coarser(pixels, by), smaller, onStage);
  if (!found.ok) return found;
  return {
    ...found,
    pxPerMm: found.pxPerMm * by,
    reprojectionPx: found.reprojectionPx * by,
    cardPx: found.cardPx.map(up),
    stations: found.stations.map((s) => ({ ...s, edgesPx: s.edgesPx && [up(s.edgesPx[0]), up(s.edgesPx[1])] })),
  };
}

function measureAsIs(pixels: Pixels, order: GapOrder, onStage: (stage: GapStage) => void): GapResult {
  const stepMm = min(GAP_LIMITS.mostStepMm, max(GAP_LIMITS.leastStepMm, order.stepMm ?? GAP_LIMITS.stepMm));
  if (order.cardPx.length !== 4 || order.seamPx.length < 2) return refuse('unreadable');
  const taps = turning(order.cardPx) > 0 ? order.cardPx : [...order.cardPx].reverse();
  if (!convex(taps)) return refuse('card-not-flat');
  const size = cardSize(order.cardMm, taps);
  onStage('card');
  const mmPerPx = (2 * (size[0] + size[1])) / perimeterOf(taps);
  const coded = refineCard(pixels, taps, mmPerPx);
  // The sides of a card on a shaken picture look bent: what is soft is told as that.
  if (!coded.ok)
    return refuse(coded.reason === 'card-not-flat' && isShaken(pixels, taps, mmPerPx) ? 'blurred' : coded.reason);
  // The card lies between even areas: its sides tell the picture's tone, under which they lie where they are.
  const tone = toneOf(edgeExponent(pixels, coded.edges));
  const again =
    coded.edges.length > 0 ? refineCard(pixels, coded.corners, mmPerPx, tone, CARD_LIMITS.againReachPx) : coded;
  const card = again.ok && again.residualPx !== null ? again : coded;
  const plane = cardPlane(size);
  const toPicture = homographyOf(plane, card.corners);
  const toPlane = toPicture && inverse(toPicture);
  if (!toPicture || !toPlane) return refuse('card-not-flat');
  const marksOff = order.marksMm ? worstMarkMm(pixels, toPicture, order.marksMm) : null;
  if (marksOff !== null && marksOff > GAP_LIMITS.marksOffMm) return refuse('card-not-flat');
  const line = order.seamPx.map(([x, y]) => mapped(toPlane, x, y));
  const reach = GAP_LIMITS.mostReach * hypot(...size);
  if (line.some((p) => p === null || hypot(p[0] - size[0] / 2, p[1] - size[1] / 2) > reach))
    return refuse('seam-off-plane');
  const drawn = line as Point[];
  const middle = drawn[floor(drawn.length / 2)]!;
  const stretch = stretchAt(toPicture, middle[0], middle[1]);
  if (!stretch) return refuse('seam-off-plane');
  // On the lens's axis a plane's picture is squeezed by just the cosine of its tilt.
  const facing = mapped(toPlane, (pixels.width - 1) / 2, (pixels.height - 1) / 2);
  const tiltDeg = tiltDegOf((facing && stretchAt(toPicture, facing[0], facing[1])) ?? stretch);
  const pxPerMm = meanStretch(stretch);
  if (tiltDeg > GAP_LIMITS.mostTiltDeg) return refuse('too-tilted');
  if (pxPerMm < GAP_LIMITS.leastPxPerMm) return refuse('too-coarse');
  if (card.blurPx !== null && card.blurPx > GAP_LIMITS.blurPx && card.blurPx / pxPerMm > GAP_LIMITS.blurMm)
    return refuse('blurred');
  onStage('slot');
  const first = seamStrip(pixels, toPicture, drawn, size, pxPerMm, LUMA);
  if (first.rows * first.rowMm < 2 * GAP_LIMITS.averageMm) return refuse('unreadable');
  const rough = slotAlong(first);
  const seen = rough.filter((p) => p !== null).length;
  if (seen < GAP_LIMITS.leastRead * rough.length) return refuse(looksBlurred(first, pxPerMm) ? 'blurred' : 'no-slot');
  // Again along the slot's own middle, in the channels that set it off best: the strip then runs straight.
  const channels = channelsFor(pixels, colourPlaces(first, rough, toPicture));
  const found = middleOf(first, rough);
  const strip = seamStrip(pixels, toPicture, found, size, pxPerMm, channels);
  const path = slotAlong(strip);
  onStage('edges');
  const scale = scaleErrors(plane, card.corners, card.cornerSePx);
  const fine = seamStrip(pixels, toPicture, found, size, pxPerMm, channels, tone);

  const stations = stationsOf(fine, path, stepMm, pxPerMm, scale, toPicture, (card.blurPx ?? 1) / pxPerMm / fine.colMm);
  if (stations.blurPx > GAP_LIMITS.blurPx && stations.blurPx / pxPerMm > GAP_LIMITS.blurMm) return refuse('blurred');
  const read = stations.list.filter((s) => s.widthMm !== null).length;
  if (read < GAP_LIMITS.leastStations || read < GAP_LIMITS.leastRead * stations.list.length) return refuse('no-slot');
  return {
    ok: true,
    pxPerMm,
    tiltDeg,
    reprojectionPx: card.residualPx ?? card.cornerSePx,
    stations: stations.list,
    warnings: [
      ...(tiltDeg > GAP_LIMITS.warnTiltDeg ? (['tilted'] as const) : []),
      ...(card.residualPx === null ? (['card-not-refined'] as const) : []),
    ],
    cardPx: card.corners,
    scaleShare: stations.scaleShare,
    strip,
    ...summarise(stations.list, stations.scaleShare),
  };
}
