/** Where the service worker puts pictures that the camera's own app hands over, until somebody says to which lot they belong. */
export const SHARED_CACHE = 'farvin-shared';
export const SHARED_NAME = 'x-name';

/** Keeps pictures that were handed over. Called by the service worker. */
export async function keepShared(files: readonly File[], now: number): Promise<void> {
  const cache = await caches.open(SHARED_CACHE);
  for (const [i, file] of files.entries())
    await cache.put(
      `/shared/${now}-${i}`,
      new Response(file, {
        headers: { 'content-type': file.type, [SHARED_NAME]: encodeURIComponent(file.name || `picture-${i + 1}.jpg`) },
      }),
    );
}
