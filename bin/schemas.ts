import { readFileSync, writeFileSync } from 'node:fs';
import { publishedSchemas } from './published-schemas';
import { withVerbTable } from './verb-table';

// npm run schemas: writes the published JSON Schemas of docs/formats and the table of verbs anew.
const page = (name: string) => new URL(`../docs/formats/${name}`, import.meta.url);
for (const [name, text] of Object.entries(publishedSchemas())) writeFileSync(page(name), text);
writeFileSync(page('command-line.md'), await withVerbTable(readFileSync(page('command-line.md'), 'utf8')));
