import { Readable } from 'node:stream';
import type { ExportJob } from '@/data/export-jobs';
import { photoStore } from '../photo-store';
import { exportKey } from './export-key';

const TYPES = {
  pdf: 'application/pdf',
  zip: 'application/zip',
  bundle: 'application/zip',
  jobs: 'application/pdf',
} as const;
const EXTENSIONS = { pdf: 'pdf', zip: 'zip', bundle: 'farvin.zip', jobs: 'pdf' } as const;

/** The file of a finished export, streamed; null when the store does not have it any more. */
export async function exportAnswer(job: ExportJob, lotNumber: number, revision: number): Promise<Response | null> {
  const stream = await photoStore().stream(exportKey(job.orgId, job.id));
  if (!stream) return null;
  const name = `lot-${lotNumber}${job.what === 'jobs' ? '-job-sheets' : ''}-revision-${revision}.${EXTENSIONS[job.what]}`;
  return new Response(Readable.toWeb(stream) as ReadableStream, {
    headers: {
      'content-type': TYPES[job.what],
      'content-length': String(job.bytes),
      'content-disposition': `attachment; filename="${name}"`,
      'cache-control': 'no-store',
    },
  });
}
