import { spawn } from 'node:child_process';
import path from 'node:path';

/** Runs a program of PostgreSQL's (from PG_BIN) to its end; what it said is told only when it fails. */
export function pgProgram(program: string, args: readonly string[]): Promise<void> {
  const child = spawn(path.join(process.env.PG_BIN ?? '', program), args, { stdio: ['ignore', 'inherit', 'pipe'] });
  let said = '';
  child.stderr.on('data', (d) => {
    said += d;
  });
  return new Promise((resolve, reject) => {
    child.on('error', () => reject(new Error(`${program} is not installed`)));
    child.on('close', (code) => (code === 0 ? resolve() : reject(new Error(`${program}: ${said.slice(-400)}`))));
  });
}
