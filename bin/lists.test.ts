import { readFileSync } from 'node:fs';
import path from 'node:path';
import { iconSheet } from './icon-sheet';
import { writtenLists } from './lists';

it.each(writtenLists().map(([file, text]) => [path.relative(process.cwd(), file), text]))(
  'follows from the files beside it: %s (npm run lists)',
  (file, text) => {
    expect(readFileSync(file, 'utf8')).toBe(text);
    expect(text.match(/^import /gm)!.length).toBeGreaterThan(5);
  },
);

it('writes a picture for each icon of the style sheet (npm run lists)', () => {
  const [file, text] = iconSheet();
  expect(readFileSync(file, 'utf8')).toBe(text);
  for (const drawn of text.match(/url\(.*\)/g)!)
    expect(decodeURIComponent(drawn)).toMatch(/<svg .*stroke='currentColor'.*<(path|circle)/);
});
