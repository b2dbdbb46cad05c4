/**
 * How the work of a PDF grows with its findings, all with full notes: `npm run bench:pdf`. Each is made in a process of its own,
 * as the server does.
 */
import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { renderToFile } from '@react-pdf/renderer';
import { createElement } from 'react';
import { takeSnapshot } from '@/report/snapshot';
import type { Bundle } from '../src/core/records/bundle';
import { registerFonts } from '../src/server/export/fonts';
import { ReportPdf } from '../src/server/export/report-pdf';
import { PLAIN_WORDING } from '../src/words/vocabulary';

interface Made {
  seconds: number;
  peakMb: number;
}
const FEW = 100;
const MANY = 800;
const id = (n: number) => `01890000-0000-7000-8000-${String(n).padStart(12, '0')}`;
const AT = '2027-02-10T09:00:00Z';
const NOTE = 'Seen under slanting light, from arm’s length, with the wheel off and the edge wiped dry. '
  .repeat(20)
  .slice(0, 1900);
const ZONES = ['hood', 'roof', 'door.left.front', 'fender.right', 'rocker.left', 'floor.left.front'];
async function make(count: number): Promise<Made> {
  const bundle = {
    format: 'farvin.bundle',
    version: 1,
    lot: { id: id(900), number: 1, title: 'Quillon Halyard', sale: 'Trial' },
    inspection: { id: id(901), revision: 1, state: 'draft' },
    records: {
      car: [{ id: id(1), version: 1, body: { make: 'Quillon', model: 'Halyard', year: 1967, style: 'fastback' } }],
      finding: Array.from({ length: count }, (_, i) => ({
        id: id(1000 + i),
        version: 1,
        body: { zone: ZONES[i % ZONES.length], flaw: i % 6 > 3 ? 'rust-scale' : 'chip', note: NOTE, at: AT },
      })),
    },
    photos: [],
  } as unknown as Bundle;
  const taken = takeSnapshot({
    bundle,
    sale: { name: 'Trial', closesOn: null },
    sealedAt: AT,
    sealedBy: 'Trial',
    onYear: 2027,
  });
  if (!taken.ok) throw new Error(taken.reason);
  const dir = mkdtempSync(path.join(os.tmpdir(), 'farvin-pdf-'));
  const out = path.join(dir, 'report.pdf');
  registerFonts();
  const from = performance.now();
  const document = createElement(ReportPdf, {
    snapshot: taken.snapshot,
    unreadable: [],
    sealed: null,
    wording: PLAIN_WORDING,
    unit: 'um',
    pictureFile: () => null,
  });
  await renderToFile(document as unknown as Parameters<typeof renderToFile>[0], out);
  rmSync(dir, { recursive: true });
  return { seconds: (performance.now() - from) / 1000, peakMb: process.resourceUsage().maxRSS / 1024 };
}

/** Makes one in a process of its own. */
function apart(count: number): Made {
  const { stdout } = spawnSync(process.execPath, ['--import', 'tsx', process.argv[1]!, String(count)], {
    encoding: 'utf8',
  });
  return JSON.parse(stdout) as Made;
}

async function main(): Promise<void> {
  const given = process.argv[2];
  if (given) {
    console.log(JSON.stringify(await make(Number(given))));
    return;
  }
  const few = apart(FEW);
  const many = apart(MANY);
  console.log(
    `a PDF of ${MANY} findings: ${(many.seconds / few.seconds).toFixed(1)} times the work of ${FEW}, peak ${Math.round(many.peakMb)} MB against ${Math.round(few.peakMb)} MB`,
  );
}

void main();
