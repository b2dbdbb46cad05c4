import { writeFileSync } from 'node:fs';
import { publishedSchemas } from './published-schemas';

// npm run schemas: writes the published JSON Schemas of docs/formats anew.
for (const [name, text] of Object.entries(publishedSchemas())) {
  writeFileSync(new URL(`../docs/formats/${name}`, import.meta.url), text);
}
