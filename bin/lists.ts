import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { iconSheet } from './icon-sheet';

/**
 * Lists that follow from the files of a folder: one registration a file, exported under the file's own name. What such a list
 * is in an order for stands in the registration. Written by `npm run lists`; a test fails where one is not up to date.
 */
interface List {
  readonly folder: string;
  readonly name: string;
  /** What marks a file of the folder as a registration. */
  readonly marks: RegExp;
}

const LISTS: readonly List[] = [
  { folder: 'src/core/kinds', name: 'KINDS', marks: /= defineKind\(/ },
  { folder: 'src/words/kinds', name: 'KIND_WORDS', marks: /: KindWords<'/ },
  { folder: 'src/screens/walk/cards', name: 'ZONE_CARDS', marks: /: ZoneCardDefinition =/ },
];

const ROOT = path.join(path.dirname(fileURLToPath(import.meta.url)), '..');
const camel = (file: string) => file.replace(/-(\w)/g, (_, c: string) => c.toUpperCase());

/** The path of each list and its text. */
export function writtenLists(): readonly (readonly [path: string, text: string])[] {
  return LISTS.map(({ folder, name, marks }) => {
    const at = path.join(ROOT, folder);
    const files = readdirSync(at)
      .filter((f) => /^[\w-]+\.tsx?$/.test(f) && f !== 'all.ts' && marks.test(readFileSync(path.join(at, f), 'utf8')))
      .map((f) => f.replace(/\.tsx?$/, ''))
      .sort();
    const lines = [
      '// Written by `npm run lists` from the files of this folder; not to be edited.',
      ...files.map((f) => `import { ${camel(f)} } from './${f}';`),
      '',
      `export const ${name} = {`,
      ...files.map((f) => (camel(f) === f ? `  ${f},` : `  '${f}': ${camel(f)},`)),
      '} as const;',
      '',
    ];
    return [path.join(at, 'all.ts'), lines.join('\n')];
  });
}

if (process.argv[1] === fileURLToPath(import.meta.url))
  for (const [file, text] of [...writtenLists(), iconSheet()]) writeFileSync(file, text);
