import { APP_ICONS, type AppIcon, appIcon } from '@/server/app-icon';

/** The program's mark in a size that a phone asks for. */
export async function GET(_request: Request, { params }: { params: Promise<{ size: string }> }): Promise<Response> {
  const { size } = await params;
  if (!Object.hasOwn(APP_ICONS, size)) return new Response('There is nothing here.\n', { status: 404 });
  return new Response(new Uint8Array(await appIcon(size as AppIcon)), {
    headers: { 'content-type': 'image/png', 'cache-control': 'public, max-age=86400' },
  });
}
