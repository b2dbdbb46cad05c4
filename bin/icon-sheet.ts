import { readFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { icons } from 'lucide-react';
import { createElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';

const FOLDER = path.join(path.dirname(fileURLToPath(import.meta.url)), '../src/ui/icons');

/** The names as their file lists them. */
const named = (): string[] =>
  [...readFileSync(path.join(FOLDER, 'names.ts'), 'utf8').matchAll(/^ {2}'([a-z0-9-]+)',$/gm)].map((m) => m[1]!);

const pascal = (name: string) => name.replace(/(?:^|-)(\w)/g, (_, c: string) => c.toUpperCase()) as keyof typeof icons;

/** An icon as the address of a picture, its class and size left to the style sheet. */
function address(name: string): string {
  const drawn = renderToStaticMarkup(createElement(icons[pascal(name)], { className: '' }));
  const bare = drawn.replace(/^<svg [^>]*>/, (tag) => tag.replace(/ (class|width|height|aria-hidden)="[^"]*"/g, ''));
  const source = bare.replaceAll('></path>', '/>').replaceAll('"', "'");
  return `url("data:image/svg+xml,${source.replace(/[#<>%]/g, encodeURIComponent)}")`;
}

/** Where the icons of the style sheet are written, and what it says. */
export const iconSheet = (): readonly [path: string, text: string] => [
  path.join(FOLDER, 'icons.css'),
  [
    '/* Written by `npm run lists` from names.ts beside it; not to be edited. */',
    ...named().map((name) => `.icon-${name} {\n  --icon: ${address(name)};\n}`),
    '',
  ].join('\n'),
];
