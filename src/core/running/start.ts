import type { RunNoise, Smoke, SmokeCourse } from '../catalogue/run-words';
import type { StoredRecord } from '../kinds';

type Start = StoredRecord<'start'>;

/** What smoke of a colour and course usually is. */
export const SMOKE_MEANS = ['oil', 'rich', 'coolant', 'condensation', 'nothing', 'open'] as const;
export type SmokeMeans = (typeof SMOKE_MEANS)[number];

/** White that stays is coolant, white that fades is water of the cold; blue is oil, black is rich. */
export function smokeMeans(colour: Smoke, course: SmokeCourse | null): SmokeMeans {
  if (colour === 'none') return 'nothing';
  if (colour === 'blue') return 'oil';
  if (colour === 'black') return 'rich';
  if (course === null || course === 'on-throttle') return 'open';
  return course === 'stays' ? 'coolant' : 'condensation';
}

/** Noises that are grave, against those that are small jobs. */
const GRAVE: ReadonlySet<RunNoise> = new Set(['knock', 'chain']);

export interface JudgedStarts {
  readonly all: readonly Start[];
  readonly cold: Start | null;
  /** Cranked slowly twice: battery or charging want a proper test. */
  readonly slowTwice: boolean;
  readonly doesNotRun: boolean;
  readonly smoke: readonly {
    readonly colour: Smoke;
    readonly course: SmokeCourse | null;
    readonly means: SmokeMeans;
  }[];
  readonly noises: readonly RunNoise[];
  readonly grave: readonly RunNoise[];
  readonly blowBy: Start['body']['blowBy'];
  /** What of the cold start was not noted and cannot be had again that day. */
  readonly missed: readonly ('hand' | 'floor' | 'cranking' | 'smoke')[];
}

/** What the starts of a car say together. */
export function judgeStarts(all: readonly Start[]): JudgedStarts {
  const byTime = [...all].sort((a, b) => Date.parse(a.body.at) - Date.parse(b.body.at));
  const cold = byTime.find((s) => !s.body.hot) ?? null;
  const turned = byTime.filter((s) => s.body.turnedAt !== null);
  const smoke = byTime.flatMap((s) => s.body.smoke.map((m) => ({ ...m, means: smokeMeans(m.colour, m.course) })));
  const noises = [...new Set(byTime.flatMap((s) => s.body.noises))];
  const b = cold?.body;
  const missed =
    b && b.turnedAt !== null
      ? ([
          ...(b.cold === null ? ['hand' as const] : []),
          ...(b.floor === null ? ['floor' as const] : []),
          ...(b.cranks === null ? ['cranking' as const] : []),
          ...(b.smoke.length === 0 && b.catches !== 'not' && b.cranks !== 'none' ? ['smoke' as const] : []),
        ] as const)
      : [];
  const ran = turned.some((s) => s.body.catches === 'at-once' || s.body.catches === 'after-a-while');
  return {
    all: byTime,
    cold,
    slowTwice: byTime.filter((s) => s.body.cranks === 'slow').length >= 2,
    doesNotRun: !ran && turned.some((s) => s.body.catches === 'not' || s.body.cranks === 'none'),
    smoke,
    noises,
    grave: noises.filter((n) => GRAVE.has(n)),
    blowBy:
      byTime.map((s) => s.body.blowBy).find((x) => x === 'strong') ??
      byTime.map((s) => s.body.blowBy).find((x) => x !== null) ??
      null,
    missed,
  };
}
