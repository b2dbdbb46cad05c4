import { keptWith, remembered } from './remembered';

it('asks once for each input, and gives the same object again', () => {
  const asked: string[] = [];
  const split = remembered(
    (text: string) => {
      asked.push(text);
      return text.split(' ');
    },
    (text) => text,
    2,
  );
  expect(split('left wing')).toBe(split('left wing'));
  split('bonnet');
  expect(asked).toEqual(['left wing', 'bonnet']);
});

it('forgets what was asked longest ago', () => {
  let asked = 0;
  const of = remembered((n: number) => ({ n, at: asked++ }), String, 2);
  const first = of(1);
  of(2);
  of(1);
  of(3);
  expect(of(1)).toBe(first);
  expect(asked).toBe(3);
  of(2);
  expect(asked).toBe(4);
});

it('keeps answers that are nothing', () => {
  let asked = 0;
  const none = remembered(
    (_key: string) => {
      asked++;
      return null;
    },
    (key) => key,
    4,
  );
  expect([none('a'), none('a')]).toEqual([null, null]);
  expect(asked).toBe(1);
});

it('keeps an answer with its object, for each of the values beside it', () => {
  const told: string[] = [];
  const above = keptWith((film: { um: number }, cut: number, more: string) => {
    told.push(`${film.um} ${cut} ${more}`);
    return film.um > cut;
  });
  const [thin, thick] = [{ um: 120 }, { um: 400 }];
  expect([above(thin, 200, 'a'), above(thick, 200, 'a'), above(thin, 200, 'a'), above(thin, 100, 'a')]).toEqual([
    false,
    true,
    false,
    true,
  ]);
  expect(told).toEqual(['120 200 a', '400 200 a', '120 100 a']);
});

it('does not keep more with an object than a few answers', () => {
  let asked = 0;
  const film = { um: 120 };
  const of = keptWith((_film: { um: number }, cut: object) => {
    asked++;
    return cut;
  });
  const cuts = Array.from({ length: 20 }, () => ({}));
  for (const cut of cuts) of(film, cut);
  of(film, cuts[19]!);
  expect(asked).toBe(20);
  of(film, cuts[0]!);
  expect(asked).toBe(21);
});
