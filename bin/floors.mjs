// Who may call whom (docs/architecture.md): every import of every file, by relative path or alias, is held against the
// order of the floors, and no file may reach itself again. Run by `npm test -- lint`.
import { globSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
