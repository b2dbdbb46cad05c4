// npm run -s farvin -- VERB …: the command line. Words for people go to standard error, JSON to standard output.
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { commands, ROOT } from './steps.mjs';

process.env.FARVIN_ROOT = ROOT;
await import(pathToFileURL(path.join(await commands(), 'farvin.mjs')).href);
