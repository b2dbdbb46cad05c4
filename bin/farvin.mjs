// npm run -s farvin -- VERB …: the command line. Words for people go to standard error, JSON to standard output.
import { spawnSync } from 'node:child_process';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

const root = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '..');
const child = spawnSync(
  process.execPath,
  ['--import', 'tsx', path.join(root, 'bin', 'farvin.ts'), ...process.argv.slice(2)],
  { stdio: 'inherit', env: { ...process.env, TSX_TSCONFIG_PATH: path.join(root, 'tsconfig.json') } },
);
process.exit(child.status ?? 2);
