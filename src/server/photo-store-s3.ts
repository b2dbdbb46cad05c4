import { createReadStream } from 'node:fs';
import { stat } from 'node:fs/promises';
import type { Readable } from 'node:stream';
import { type ObjectStore, StoreTrouble } from './object-store';

const missing = (error: unknown) =>
  ['NoSuchKey', 'NotFound'].includes((error as { name?: string }).name ?? '') ||
  (error as { $metadata?: { httpStatusCode?: number } }).$metadata?.httpStatusCode === 404;

function trouble(error: unknown): never {
  const status = (error as { $metadata?: { httpStatusCode?: number } }).$metadata?.httpStatusCode;
  throw new StoreTrouble(status === 507 ? 'full' : 'away');
}

/** A bucket of a store that speaks S3: `s3://bucket?endpoint=…&region=…`. */
export function s3Store(url: URL): ObjectStore {
  const Bucket = url.hostname;
  const endpoint = url.searchParams.get('endpoint');
  // Loaded at first use: a folder store needs nothing of it.
  const open = async () => {
    const sdk = await import('@aws-sdk/client-s3');
    const client = new sdk.S3Client({
      region: url.searchParams.get('region') ?? 'us-east-1',
      ...(endpoint ? { endpoint, forcePathStyle: true } : {}),
      credentials: {
        accessKeyId: process.env.FARVIN_S3_KEY ?? '',
        secretAccessKey: process.env.FARVIN_S3_SECRET ?? '',
      },
      requestChecksumCalculation: 'WHEN_REQUIRED',
      responseChecksumValidation: 'WHEN_REQUIRED',
      maxAttempts: 3,
    });
    return { sdk, client };
  };
  let opened: ReturnType<typeof open> | undefined;
  const s3 = () => {
    opened ??= open();
    return opened;
  };
  const listed = async (Prefix: string, wanted: (written: Date | undefined) => boolean) => {
    const { sdk, client } = await s3();
    const keys: string[] = [];
    let from: string | undefined;
    do {
      const page = await client
        .send(new sdk.ListObjectsV2Command({ Bucket, Prefix, ContinuationToken: from }))
        .catch(trouble);
      for (const object of page.Contents ?? []) if (object.Key && wanted(object.LastModified)) keys.push(object.Key);
      from = page.IsTruncated ? page.NextContinuationToken : undefined;
    } while (from);
    return keys;
  };
  return {
    async put(Key, bytes) {
      const { sdk, client } = await s3();
      await client
        .send(new sdk.PutObjectCommand({ Bucket, Key, Body: bytes, ContentLength: bytes.length }))
        .catch(trouble);
    },
    async putFile(Key, file) {
      const { sdk, client } = await s3();
      const { size } = await stat(file);
      await client
        .send(new sdk.PutObjectCommand({ Bucket, Key, Body: createReadStream(file), ContentLength: size }))
        .catch(trouble);
    },
    async stream(Key) {
      const { sdk, client } = await s3();
      try {
        const answer = await client.send(new sdk.GetObjectCommand({ Bucket, Key }));
        return (answer.Body as Readable | undefined) ?? null;
      } catch (error) {
        if (missing(error)) return null;
        return trouble(error);
      }
    },
    async get(Key) {
      const { sdk, client } = await s3();
      try {
        const answer = await client.send(new sdk.GetObjectCommand({ Bucket, Key }));
        return Buffer.from((await answer.Body?.transformToByteArray()) ?? []);
      } catch (error) {
        if (missing(error)) return null;
        return trouble(error);
      }
    },
    async has(Key) {
      const { sdk, client } = await s3();
      return client.send(new sdk.HeadObjectCommand({ Bucket, Key })).then(
        () => true,
        () => false,
      );
    },
    async remove(Key) {
      const { sdk, client } = await s3();
      await client.send(new sdk.DeleteObjectCommand({ Bucket, Key })).catch(trouble);
    },
    list: (prefix) => listed(prefix, () => true),
    listOld: (start, before) => listed(start, (written) => written !== undefined && written < before),
  };
}
