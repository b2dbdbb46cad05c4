import { STYLES } from '@/core/body/styles';
import { titleSays } from './car-title';
import { styleNamed } from './style-named';

it('calls every body style by a name from which the lot’s form reads it back', () => {
  for (const { slug } of STYLES)
    expect([slug, titleSays(`Quillon Harrow ${styleNamed(slug)}, 1967`)]).toEqual([
      slug,
      { make: 'Quillon', model: 'Harrow', year: 1967, style: slug },
    ]);
});

it.each([
  ['Two-Door Sedan', 'two-door saloon'],
  ['station wagon', 'estate'],
  ['pillarless  hardtop', 'hardtop'],
  ['sedan', 'sedan'],
  ['two doors', null],
  ['hovercraft', null],
])('%s is called %s', (text, name) => {
  expect(styleNamed(text)).toBe(name);
});
