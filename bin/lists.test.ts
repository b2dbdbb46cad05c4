import { readFileSync } from 'node:fs';
import path from 'node:path';
import { writtenLists } from './lists';

it.each(writtenLists().map(([file, text]) => [path.relative(process.cwd(), file), text]))(
  'follows from the files beside it: %s (npm run lists)',
  (file, text) => {
    expect(readFileSync(file, 'utf8')).toBe(text);
    expect(text.match(/^import /gm)!.length).toBeGreaterThan(5);
  },
);
