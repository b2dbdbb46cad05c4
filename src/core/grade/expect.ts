import { AXES, type Axis } from '../catalogue/axes';
import { normalCdf, normalQuantile } from '../stats/normal';
import { lostShare, type Piece } from './pieces';
import { kindOf, type Margin, marginAt, score, type Yardstick } from './yardstick';

/** What is expected of a kind of place on this car: how often there is something, and how much on the mean of all such places. */
interface Expected {
  readonly margin: Margin;
  readonly load: number;
}

/** What was seen of an axis: scores and information about what the axis is like on this car (one-factor model). */
interface Told {
  total: number;
  information: number;
}

/**
 * What each axis of a car is like against cars of its age, on a normal scale where more is worse, from what was seen of it
 * and, by as much as axes go together, of the others: the posterior mean of a two-level normal factor model (Johnson &
 * Wichern, Applied Multivariate Statistical Analysis, §9.5, regression scores). Rises with every loss seen; a place of which
 * only a finding is on record can make it worse and never better.
 */
function axisScores(pieces: readonly Piece[], expected: (p: Piece) => Expected, across: number): Map<Axis, number> {
  const told = new Map<Axis, Told>(AXES.map((a) => [a, { total: 0, information: 0 }]));
  for (const p of pieces) {
    if (p.state === 'unseen' || p.whole === 0) continue;
    const { margin, load } = expected(p);
    const own = 1 - load * load;
    const told1 = told.get(p.axis)!;
    const y = score(lostShare(p.losses), margin);
    if (p.state === 'looked') {
      told1.total += (load * y) / own;
      told1.information += (load * load) / own;
    } else told1.total += (load * Math.max(0, y)) / own;
  }
  const rest = 1 - across;
  let [weight, sum] = [1, 0];
  for (const { total, information } of told.values()) {
    const damped = 1 + rest * information;
    sum += (Math.sqrt(across) * total) / damped;
    weight += (across * information) / damped;
  }
  const common = sum / weight;
  return new Map(
    [...told].map(([axis, { total, information }]) => [
      axis,
      (Math.sqrt(across) * common + rest * total) / (1 + rest * information),
    ]),
  );
}

/** Share lost to expect of a place where nothing was seen, given what its axis is like. */
function expectedShare({ margin: [p, meanLog, sdLog], load }: Expected, axisScore: number): number {
  const from = normalQuantile(Math.min(0.999, Math.max(0.001, p)));
  const own = Math.sqrt(1 - load * load);
  const often = normalCdf((from + load * axisScore) / own);
  return often * Math.min(0.97, Math.exp(meanLog + load * sdLog * axisScore + (own * sdLog) ** 2 / 2));
}

/**
 * Share lost to reckon with at each piece of which not all is known, given the car's age and what was seen of it. A car with
 * holed floors has worse unseen sills.
 */
export function expectedLosses(pieces: readonly Piece[], ageYears: number, yardstick: Yardstick): Map<Piece, number> {
  const unknown = pieces.filter((p) => p.state !== 'looked');
  if (unknown.length === 0) return new Map();
  const kinds = new Map<string, Expected>();
  const expected = (p: Piece): Expected => {
    let own = kinds.get(p.kind);
    if (!own) {
      const kind = kindOf(p.kind, p.axis, yardstick);
      own = { margin: marginAt(kind, ageYears, yardstick.ages), load: kind.load };
      kinds.set(p.kind, own);
    }
    return own;
  };
  // A part that made cars do not have tells nothing of how good a car is against them.
  const compared = pieces.filter((p) => !p.extra || p.kind in yardstick.kinds);
  const scores = axisScores(compared, expected, yardstick.acrossAxes);
  const byKind = new Map<string, number>();
  const losses = new Map<Piece, number>();
  for (const p of unknown) {
    let share = byKind.get(p.kind);
    if (share === undefined) {
      share = expectedShare(expected(p), scores.get(p.axis)!);
      byKind.set(p.kind, share);
    }
    losses.set(p, share);
  }
  return losses;
}
