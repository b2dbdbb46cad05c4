import { ownProgram } from './own-program';

const before = process.env.FARVIN_MADE;
afterEach(() => {
  process.env.FARVIN_MADE = before ?? '';
});

it('starts what was made with the application, where that was built', () => {
  process.env.FARVIN_MADE = '/opt/farvin/made';
  expect(ownProgram('workshop')).toEqual(['/opt/farvin/made/workshop.mjs']);
});

it('starts it as it is written where nothing was made', () => {
  process.env.FARVIN_MADE = '';
  const [flag, loader, file] = ownProgram('export');
  expect(flag).toBe('--import');
  expect(loader).toMatch(/tsx/);
  expect(file).toMatch(/bin\/export\.ts$/);
});
