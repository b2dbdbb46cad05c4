import { ABILITIES, ROLES, roleMay, seesOwnOnly } from './roles';

it('gives each role what the house lets it do', () => {
  const may = Object.fromEntries(ROLES.map((r) => [r, ABILITIES.filter((a) => roleMay(r, a)).join(' ')]));
  expect(may).toEqual({
    manager: 'enter claim publish manage',
    inspector: 'enter claim',
    editor: 'publish',
    consignor: 'claim',
    viewer: '',
  });
  expect(ROLES.filter(seesOwnOnly)).toEqual(['consignor', 'viewer']);
});
