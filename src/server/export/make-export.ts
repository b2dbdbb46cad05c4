import { createReadStream, createWriteStream, mkdirSync } from 'node:fs';
import { readFile, writeFile } from 'node:fs/promises';
import path from 'node:path';
import { finished } from 'node:stream/promises';
import { PDFDocument, PDFName, PDFString } from '@cantoo/pdf-lib';
import { renderToFile } from '@react-pdf/renderer';
import { createElement } from 'react';
import sharp from 'sharp';
import { ZipFile } from 'yazl';
import { readingsCsv } from '@/core/csv/write-readings';
import type { BodyOf } from '@/core/kinds';
import type { Bundle } from '@/core/records/bundle';
import type { Actor } from '@/data/actor';
import type { Db } from '@/data/db';
import { bundleOf, inspectionHead, recordsOfInspection } from '@/data/inspections';
import { orgTables } from '@/data/org-tables';
import type { ExportWhat } from '@/data/tables/export-jobs';
import { blursOf } from '@/report/blurs';
import { jobSheets } from '@/report/job-sheets';
import { dayText } from '@/words/dates';
import { PLAIN_WORDING } from '@/words/vocabulary';
import { getPhoto, photoStore, pictureKey } from '../photo-store';
import { blurredCopy } from '../workshop/blur';
import { registerFonts } from './fonts';
import { JobSheetsPdf } from './job-sheets-pdf';
import { ReportPdf } from './report-pdf';
import { snapshotFor } from './snapshot-for';

/** Told after each step; throws to stop the work. */
export type Progress = (done: number, total: number) => Promise<void>;
const PICTURE_EXTENSION: Readonly<Record<string, string>> = {
  'image/jpeg': 'jpg',
  'image/png': 'png',
  'image/webp': 'webp',
};

/** A print of 155 points at about 300 dots per inch, with room for looking closer. */
const PRINT_PX = 900;
const BLURRED_PX = 2048;

/** A print-sized JPEG of each picture as a file of its own, one at a time; a missing or broken picture has none. */
async function printFiles(
  bundle: Bundle,
  dir: string,
  tell: (done: number) => Promise<void>,
): Promise<Map<string, string>> {
  const files = new Map<string, string>();
  const folder = path.join(dir, 'prints');
  mkdirSync(folder);
  const blurs = blursOf(bundle);
  for (const [i, { sha256 }] of bundle.photos.entries()) {
    const boxes = blurs.get(sha256);
    const full = boxes ? await getPhoto(sha256, 'full') : null;
    const bytes = boxes
      ? full && (await blurredCopy({ kept: full, boxes, most: PRINT_PX }))
      : ((await getPhoto(sha256, '2048')) ?? (await getPhoto(sha256, 'full')));
    const file = path.join(folder, `${sha256}.jpg`);
    if (bytes) {
      const made = await sharp(bytes)
        .autoOrient()
        .resize(PRINT_PX, PRINT_PX, { fit: 'inside', withoutEnlargement: true })
        .jpeg({ quality: 74 })
        .toFile(file)
        .catch(() => null);
      if (made) files.set(sha256, file);
    }
    await tell(i + 1);
  }
  return files;
}

async function makePdf(db: Db, actor: Actor, inspectionId: string, dir: string, progress: Progress): Promise<string> {
  const [found, head] = await Promise.all([
    snapshotFor(db, actor, inspectionId, new Date()),
    inspectionHead(db, actor, inspectionId),
  ]);
  if (!found || !head) throw new Error('there is no report to print: the car is not stated yet');
  const { snapshot, unreadable, sealed } = found;
  const { words, kerb, units } = head.sale;
  const total = snapshot.bundle.photos.length + 1;
  registerFonts();
  const files = await printFiles(snapshot.bundle, dir, (done) => progress(done, total));
  const out = path.join(dir, 'report.pdf');
  const document = createElement(ReportPdf, {
    snapshot,
    unreadable,
    sealed,
    // In the sale's own words: a print has no reader who chooses.
    wording: { ...PLAIN_WORDING, words, kerb },
    unit: units,
    pictureFile: (sha256: string) => files.get(sha256) ?? null,
  });
  await renderToFile(document as unknown as Parameters<typeof renderToFile>[0], out);
  await labelPages(out, words);
  await progress(total, total);
  return out;
}

/** Numbers the pages for viewers as they are printed, and names the language: the layout library writes neither. */
async function labelPages(file: string, language: string): Promise<void> {
  const pdf = await PDFDocument.load(await readFile(file), { updateMetadata: false });
  const { context, catalog } = pdf;
  catalog.set(PDFName.of('Lang'), PDFString.of(language));
  catalog.set(PDFName.of('PageLabels'), context.obj({ Nums: [0, { S: 'D', St: 1 }] }));
  await writeFile(file, await pdf.save());
}

/** Adds pictures one after the other as they are written, so that one at a time is in memory. */
async function addPictures(
  zip: ZipFile,
  bundle: Bundle,
  tell: (done: number) => Promise<void>,
  blurs: ReturnType<typeof blursOf> = new Map(),
): Promise<void> {
  for (const [i, { sha256, type }] of bundle.photos.entries()) {
    const boxes = blurs.get(sha256);
    const full = boxes ? await getPhoto(sha256, 'full') : null;
    if (full && boxes)
      zip.addBuffer(await blurredCopy({ kept: full, boxes, most: BLURRED_PX }), `blurred/${sha256}.webp`);
    const stream = boxes ? null : await photoStore().stream(pictureKey(sha256, 'full'));
    if (stream) {
      zip.addReadStream(stream, `photos/${sha256}.${PICTURE_EXTENSION[type] ?? 'bin'}`, { compress: false });
      await finished(stream, { writable: false });
    }
    await tell(i + 1);
  }
}

async function makeZip(dir: string, fill: (zip: ZipFile) => Promise<void>): Promise<string> {
  const out = path.join(dir, 'out.zip');
  const zip = new ZipFile();
  const written = finished(zip.outputStream.pipe(createWriteStream(out)));
  written.catch(() => {});
  await fill(zip);
  zip.end();
  await written;
  return out;
}

const README = (title: string, sealed: boolean) =>
  [
    title,
    '',
    'report.pdf       the report for reading and printing',
    ...(sealed
      ? ['report.farvin-report.json   the sealed report; check it with: npm run -s farvin -- verify FILE']
      : []),
    'bundle.json      all records, openly (docs/formats/bundle.md)',
    'readings.csv     coating-thickness readings (docs/formats/readings.md)',
    'photos/          the pictures, named by their SHA-256',
    'blurred/         pictures with faces or plates of others made unreadable; their originals are not published',
    '',
  ].join('\n');

async function makeReportZip(
  db: Db,
  actor: Actor,
  inspectionId: string,
  dir: string,
  progress: Progress,
): Promise<string> {
  const [found, head] = await Promise.all([
    snapshotFor(db, actor, inspectionId, new Date()),
    inspectionHead(db, actor, inspectionId),
  ]);
  if (!found || !head) throw new Error('there is no report to pack: the car is not stated yet');
  const { snapshot, sealed } = found;
  const { bundle } = snapshot;
  const total = 2 * bundle.photos.length + 2;
  const pdf = await makePdf(db, actor, inspectionId, dir, (done) => progress(done, total));
  const readings = (bundle.records.reading ?? []).map((r) => r.body as BodyOf<'reading'>);
  return makeZip(dir, async (zip) => {
    const text = (name: string, content: string) => zip.addBuffer(Buffer.from(content), name);
    text('README.txt', README(`Lot ${bundle.lot.number}, ${bundle.lot.title}`, sealed !== null));
    if (sealed) text('report.farvin-report.json', sealed.text);
    text('bundle.json', JSON.stringify(bundle, null, 1));
    text('readings.csv', readingsCsv(readings));
    zip.addReadStream(createReadStream(pdf), 'report.pdf');
    await addPictures(zip, bundle, (done) => progress(bundle.photos.length + 1 + done, total), blursOf(bundle));
    await progress(total, total);
  });
}

async function makeBundle(
  db: Db,
  actor: Actor,
  inspectionId: string,
  dir: string,
  progress: Progress,
): Promise<string> {
  const head = await inspectionHead(db, actor, inspectionId);
  if (!head) throw new Error('there is no such inspection');
  const bundle = bundleOf(head, await recordsOfInspection(db, actor, inspectionId));
  return makeZip(dir, async (zip) => {
    zip.addBuffer(Buffer.from(JSON.stringify(bundle, null, 1)), 'bundle.json');
    await addPictures(zip, bundle, (done) => progress(done, bundle.photos.length));
  });
}

/** Job sheets for the shops, of what is on record now. */
async function makeJobSheets(
  db: Db,
  actor: Actor,
  inspectionId: string,
  dir: string,
  progress: Progress,
): Promise<string> {
  const head = await inspectionHead(db, actor, inspectionId);
  if (!head) throw new Error('there is no such inspection');
  const [records, { tables }] = await Promise.all([recordsOfInspection(db, actor, inspectionId), orgTables(db, actor)]);
  const { words, kerb, timeZone } = head.sale;
  const sheets = jobSheets({ records, tables, wording: { ...PLAIN_WORDING, words, kerb } });
  if (!sheets) throw new Error('there are no jobs to print: the car is not stated yet');
  const bundle = bundleOf(head, records);
  const wanted = new Set(
    sheets.sheets.flatMap(({ blocks }) =>
      blocks.flatMap((b) => (b.kind === 'pictures' ? b.pictures.map((p) => p.sha256) : [])),
    ),
  );
  const photos = bundle.photos.filter((p) => wanted.has(p.sha256));
  const total = photos.length + 1;
  registerFonts();
  const files = await printFiles({ ...bundle, photos }, dir, (done) => progress(done, total));
  const out = path.join(dir, 'jobs.pdf');
  const document = createElement(JobSheetsPdf, {
    lot: head.lot,
    sheets,
    printedOn: dayText(new Date().toISOString(), timeZone),
    pictureFile: (sha256: string) => files.get(sha256) ?? null,
  });
  await renderToFile(document as unknown as Parameters<typeof renderToFile>[0], out);
  await labelPages(out, words);
  await progress(total, total);
  return out;
}

/** Makes one export as a file in `dir` and returns its path. Pictures pass through one at a time. */
export async function makeExport(
  db: Db,
  actor: Actor,
  inspectionId: string,
  what: ExportWhat,
  dir: string,
  progress: Progress,
): Promise<string> {
  const makers = { pdf: makePdf, zip: makeReportZip, bundle: makeBundle, jobs: makeJobSheets };
  return makers[what](db, actor, inspectionId, dir, progress);
}
