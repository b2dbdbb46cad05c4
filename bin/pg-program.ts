import { spawn } from 'node:child_process';
import path from 'node:path';

/**
 * Runs a program of PostgreSQL's (from PG_BIN) on a database to its end; what it said is told only when it fails. The
 * password goes by the environment, where other accounts of the machine cannot read it, and never among the arguments.
 */
export function pgProgram(program: string, address: string, args: readonly string[]): Promise<void> {
  const url = new URL(address);
  const password = decodeURIComponent(url.password);
  url.password = '';
  const child = spawn(path.join(process.env.PG_BIN ?? '', program), [`--dbname=${url.href}`, ...args], {
    stdio: ['ignore', 'inherit', 'pipe'],
    env: { ...process.env, ...(password && { PGPASSWORD: password }) },
  });
  let said = '';
  child.stderr.on('data', (d) => {
    said += d;
  });
  return new Promise((resolve, reject) => {
    child.on('error', () => reject(new Error(`${program} is not installed`)));
    child.on('close', (code) => (code === 0 ? resolve() : reject(new Error(`${program}: ${said.slice(-400)}`))));
  });
}
