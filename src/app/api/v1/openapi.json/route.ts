import { openApi } from '@/server/openapi';
import { ownOrigins } from '@/server/own-origins';

export const dynamic = 'force-dynamic';

/** What programs may ask, as OpenAPI 3.1; it tells nothing of any house. */
export function GET(): Response {
  return Response.json(openApi(process.env.FARVIN_VERSION ?? 'unknown', `${ownOrigins()[0]}/api/v1`));
}
