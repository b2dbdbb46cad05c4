import { normalDraw, seeded } from '../stats/random';
import { groupJobs, type PanelLevel } from './jobs';

const panel = (zone: string, um: number, extra: Partial<PanelLevel> = {}): PanelLevel => ({
  zone,
  mean: Math.log(um),
  sd: 0.05,
  lnSpread: Math.log(0.15),
  lnSpreadSd: 0.3,
  areaM2: 1,
  ...extra,
});
/** The zones of each job, in order of the jobs. */
const jobsOf = (levels: readonly PanelLevel[]) => {
  const found = groupJobs(levels);
  const jobs: string[][] = [];
  for (const [zone, job] of found) jobs[job - 1] = [...(jobs[job - 1] ?? []), zone].sort();
  return jobs;
};

it('numbers the jobs by area: the first is what most of the car wears', () => {
  const levels = [panel('hood', 260), panel('roof', 120, { areaM2: 1.4 }), panel('deck', 118, { areaM2: 0.9 })];
  expect(jobsOf(levels)).toEqual([['deck', 'roof'], ['hood']]);
  // The same panels with a hood as large as a barn door.
  expect(jobsOf([panel('hood', 260, { areaM2: 5 }), ...levels.slice(1)])).toEqual([['hood'], ['deck', 'roof']]);
});

it('does not depend on the order in which panels were measured', () => {
  const levels = [110, 118, 124, 250, 262, 480].map((um, i) => panel(`zone${i}`, um));
  const expected = jobsOf(levels);
  for (let turn = 1; turn < levels.length; turn++)
    expect(jobsOf([...levels.slice(turn), ...levels.slice(0, turn)])).toEqual(expected);
  expect(expected.length).toBe(3);
});

it('keeps a badly known panel with the others and parts a well known one', () => {
  const rest = [118, 120, 123, 125].map((um, i) => panel(`zone${i}`, um));
  expect(jobsOf([...rest, panel('fender.left', 200, { sd: 0.4 })]).length).toBe(1);
  expect(jobsOf([...rest, panel('fender.left', 200, { sd: 0.03 })])).toContainEqual(['fender.left']);
});

it('finds the jobs that a car was given, from drawn levels, nearly always', () => {
  let right = 0;
  for (let seed = 1; seed <= 200; seed++) {
    const random = seeded(seed);
    const drawn = (zone: string, um: number) =>
      panel(zone, um * Math.exp(0.11 * normalDraw(random)), {
        lnSpread: Math.log(0.15) + 0.3 * normalDraw(random),
      });
    const factory = ['hood', 'roof', 'deck', 'door.left.front', 'door.right.front', 'quarter.right'];
    const repaired = ['fender.left', 'quarter.left'];
    const found = jobsOf([...factory.map((z) => drawn(z, 115)), ...repaired.map((z) => drawn(z, 290))]);
    if (found.length === 2 && found[1]!.join() === repaired.join()) right++;
  }
  expect(right / 200).toBeGreaterThan(0.9);
});

it.each([5, 9, 18])('sees one job in %d panels of one job, nearly always', (panels) => {
  let one = 0;
  for (let seed = 1; seed <= 200; seed++) {
    const random = seeded(1000 + seed);
    const levels = Array.from({ length: panels }, (_, i) =>
      panel(`zone${i}`, 130 * Math.exp(0.11 * normalDraw(random))),
    );
    if (jobsOf(levels).length === 1) one++;
  }
  expect(one / 200).toBeGreaterThan(0.9);
});

it('gives a single panel its job, and none to no panel', () => {
  expect(jobsOf([panel('hood', 120)])).toEqual([['hood']]);
  expect(groupJobs([]).size).toBe(0);
});
