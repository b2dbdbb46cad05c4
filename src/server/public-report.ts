import { cache } from 'react';
import { STRIPPED_BY } from '@/core/image/strip-metadata';
import type { RecordChange } from '@/core/records/record-change';
import { type KeyStanding, standingOfKey } from '@/core/seal/known-keys';
import { type ReportFile, reportFileSchema } from '@/core/seal/seal';
import { db } from '@/data/db';
import { type ExportJob, readyExport } from '@/data/export-jobs';
import { type FilmFile, filmFileOf } from '@/data/films';
import { type LinkEnded, linkEnded, linkedReport, noteLinkOpened, type OpenLink, openLink } from '@/data/links';
import { photoFileOf } from '@/data/photos';
import { blursOf } from '@/report/blurs';
import { recordChanges } from '@/report/changes';
import { type OpenedSnapshot, readSnapshot, sealedRecords } from '@/report/read-snapshot';
import { tooMany } from './api';
import type { PhotoSize } from './photo-store';
import { keysOf } from './published-keys';
import { addressOf, takeOfAll } from './rate-limit';
import { isToken, tokenHash } from './sealing';
import type { BlurBox } from './workshop/blur';

/** A picture that a link opens: its type, and the boxes on it that are unreadable. */
export interface LinkedPicture {
  readonly type: string;
  readonly blur: readonly BlurBox[];
}

interface Parsed {
  readonly file: ReportFile;
  readonly opened: OpenedSnapshot;
  readonly text: string;
  /** Type of each picture that it speaks of, and what of it is unreadable to strangers, by SHA-256. */
  readonly pictures: ReadonlyMap<string, LinkedPicture>;
  /** The films that it speaks of and the house keeps, by SHA-256. */
  readonly films: ReadonlySet<string>;
}

export interface OpenReport extends OpenedSnapshot {
  readonly speech: OpenLink['speech'];
  readonly orgId: string;
  readonly file: ReportFile;
  readonly text: string;
  readonly key: KeyStanding;
  readonly revisions: readonly { revision: number; sealedAt: Date; sha256: string }[];
  /** What this revision changed of the one before it; null for a first one. */
  readonly changes: readonly RecordChange[] | null;
}

/** Letters of report texts that are kept read; a large report has about 10 million. */
const MOST_LETTERS = 60_000_000;
const kept = new Map<string, Parsed>();

function keep(key: string, parsed: Parsed): Parsed {
  kept.set(key, parsed);
  let letters = [...kept.values()].reduce((n, p) => n + p.text.length, 0);
  for (const [oldest, { text }] of kept) {
    if (letters <= MOST_LETTERS || oldest === key) break;
    kept.delete(oldest);
    letters -= text.length;
  }
  return parsed;
}

function parsed(text: string): Parsed | null {
  const file = reportFileSchema.safeParse(JSON.parse(text));
  const opened = file.success ? readSnapshot(file.data.snapshot) : null;
  if (!file.success || !opened) return null;
  const blurs = blursOf(opened.snapshot.bundle);
  const pictures = new Map(
    opened.snapshot.bundle.photos.map((p) => [p.sha256, { type: p.type, blur: blurs.get(p.sha256) ?? [] }]),
  );
  const films = new Set(
    (opened.snapshot.bundle.records.film ?? []).flatMap(({ body }) =>
      typeof body.sha256 === 'string' ? [body.sha256] : [],
    ),
  );
  return { file: file.data, opened, text, pictures, films };
}

const reading = new Map<string, Promise<Parsed | null>>();

/** A sealed report as read; read once while it is asked for, since a seal never changes. */
async function parsedSeal(link: OpenLink, { inspectionId, sha256 }: OpenLink['revisions'][number]) {
  const key = `${inspectionId} ${sha256}`;
  const held = kept.get(key);
  // Written anew, so that the map's order is the order of use.
  if (held) {
    kept.delete(key);
    kept.set(key, held);
    return held;
  }
  const read =
    reading.get(key) ??
    linkedReport(db(), link, inspectionId)
      .then((text) => (text === null ? null : parsed(text)))
      .then((report) => report && keep(key, report))
      .finally(() => reading.delete(key));
  reading.set(key, read);
  return read;
}

/** What a token names, looked up once a request. */
export const linkNamed = cache(
  async (token: string): Promise<OpenLink | null> =>
    isToken(token) ? openLink(db(), tokenHash(token), new Date()) : null,
);

/** How a link ended that opens nothing any more; null where none was ever there. */
export const linkEnd = async (token: string): Promise<LinkEnded | null> =>
  isToken(token) ? linkEnded(db(), tokenHash(token), new Date()) : null;

/** The link that a token opens, where there is something behind it. */
async function linkOf(token: string): Promise<OpenLink | null> {
  const link = await linkNamed(token);
  return link && link.revisions.length > 0 ? link : null;
}

/** The moment until which an embargo holds a link shut; null where none does. */
export const opensAt = async (token: string): Promise<Date | null> => (await linkNamed(token))?.opensAt ?? null;

/** The sealed report behind a link's token, the newest or the revision asked for, or null when there is none to show. */
export const openReport = cache(async (token: string, revision: number | null = null): Promise<OpenReport | null> => {
  const link = await linkOf(token);
  const at = link ? (revision === null ? 0 : link.revisions.findIndex((r) => r.revision === revision)) : -1;
  if (!link || at < 0) return null;
  const [report, before] = await Promise.all(
    [link.revisions[at], link.revisions[at + 1]].map((r) => (r ? parsedSeal(link, r) : null)),
  );
  if (!report) return null;
  const { file, opened, text } = report;
  const keys = await keysOf(link.orgId);
  return {
    ...opened,
    orgId: link.orgId,
    speech: link.speech,
    file,
    text,
    key: keys ? standingOfKey(keys, file.publicKey, opened.snapshot.sealedAt) : { key: 'other', why: 'not-listed' },
    revisions: link.revisions.map(({ inspectionId: _id, ...r }) => r),
    changes: before
      ? recordChanges(
          sealedRecords(before.opened.snapshot.bundle).records,
          sealedRecords(opened.snapshot.bundle).records,
        )
      : null,
  };
});

async function isStripped(orgId: string, sha256: string): Promise<boolean> {
  const file = await photoFileOf(db(), { orgId }, sha256);
  return (file?.stripped ?? 0) >= STRIPPED_BY;
}

/**
 * The type of a picture that a link opens in any of its revisions, or null; the full size only of one from which notes and
 * positions are known to be taken out.
 */
export async function linkedPicture(token: string, sha256: string, size: PhotoSize): Promise<LinkedPicture | null> {
  const link = await linkOf(token);
  for (const revision of link?.revisions ?? []) {
    // As the newest revision has it: what was blurred since is not read through an older one.
    const picture = (await parsedSeal(link!, revision))?.pictures.get(sha256);
    if (picture)
      return size !== 'full' || picture.blur.length > 0 || (await isStripped(link!.orgId, sha256)) ? picture : null;
  }
  return null;
}

/** The kept film that a link opens in any of its revisions, or null. */
export async function linkedFilm(token: string, sha256: string): Promise<FilmFile | null> {
  const link = await linkOf(token);
  for (const revision of link?.revisions ?? [])
    if ((await parsedSeal(link!, revision))?.films.has(sha256)) return filmFileOf(db(), { orgId: link!.orgId }, sha256);
  return null;
}

/** The answer to a stranger who asks too often, by address or through one link; null when he may go on. */
export async function strangerMust(headers: Headers, token: string): Promise<Response | null> {
  const asked = [
    ['public', addressOf(headers)],
    ...(isToken(token) ? [['link', tokenHash(token)] as const] : []),
  ] as const;
  const wait = await takeOfAll(db(), asked, new Date());
  return wait > 0 ? tooMany(wait) : null;
}

const OPENINGS_KEPT = 5000;
const HOUR_MS = 3600_000;
const openings = new Map<string, number>();

/** Writes down that a link was opened: once an hour for each address, so that reading on is not written page by page. */
export async function noteOpening(token: string, headers: Headers): Promise<void> {
  const link = await linkOf(token);
  if (!link) return;
  const key = `${link.id} ${addressOf(headers)}`;
  const now = Date.now();
  if (now - (openings.get(key) ?? 0) < HOUR_MS) return;
  if (openings.size >= OPENINGS_KEPT) openings.clear();
  openings.set(key, now);
  await noteLinkOpened(db(), link, addressOf(headers));
}

/** The revision that an address names, or null. */
export function revisionAsked(value: unknown): number | null {
  return typeof value === 'string' && /^[1-9]\d{0,5}$/.test(value) ? Number(value) : null;
}

/** The PDF made of the report as sealed, or null while there is none. */
export async function pdfOf(report: OpenReport): Promise<ExportJob | null> {
  const { bundle, sealedAt } = report.snapshot;
  return readyExport(db(), report.orgId, bundle.inspection.id, 'pdf', new Date(sealedAt));
}
