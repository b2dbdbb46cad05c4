import { planOf } from '../body/plan';
import { missingViews, standardViews } from './standard-views';

const plan = planOf('fastback')!;
const picture = (more: object) => ({ view: null, zone: null, finding: null, seam: null, ...more });
const ids = (school: Parameters<typeof standardViews>[1]) => standardViews(plan, school).map((v) => v.id);

it('has about sixty for a full survey, fewer for a lap, a handful for a field pass, each once', () => {
  const survey = ids('survey');
  expect(survey.length).toBeGreaterThan(50);
  expect(survey.length).toBeLessThan(85);
  expect(new Set(survey).size).toBe(survey.length);
  expect(ids('lap').length).toBeLessThan(survey.length);
  expect(ids('field')).toEqual(['round.front', 'round.left', 'round.rear', 'round.right', 'engine.above']);
  expect(ids('structure').filter((v) => v.startsWith('below.')).length).toBeGreaterThan(8);
});

it('names places of every body style’s own plan, and none that it lacks', () => {
  for (const style of ['pickup', 'van', 'sports', 'convertible']) {
    const own = planOf(style)!;
    for (const v of standardViews(own, 'survey'))
      if (v.zone !== null) expect([style, v.id, own.zones.has(v.zone)]).toEqual([style, v.id, true]);
  }
});

it('takes a picture as the view it was taken as, and of a panel any that shows the panel alone', () => {
  const views = standardViews(plan, 'survey');
  const left = (...pictures: object[]) => missingViews(views, pictures.map(picture)).map((v) => v.id);
  expect(left()).toHaveLength(views.length);
  expect(left({ view: 'round.left' })).not.toContain('round.left');
  expect(left({ zone: 'hood' })).not.toContain('panel.hood');
  // A flaw close up, or a seam with a card, is no picture of the panel; nor is a panel one of the whole car.
  expect(left({ zone: 'hood', finding: 'f' }, { zone: 'hood', seam: 's' })).toContain('panel.hood');
  expect(left({ zone: 'dash' })).toContain('inside.odometer');
  expect(left({ zone: 'engine' })).toContain('engine.above');
  expect(left({ view: 'round.front', zone: 'hood' })).toContain('panel.hood');
});
