import { mayManage } from '@/data/actor';
import { db } from '@/data/db';
import { alarmStream } from '@/server/alarm-stream';
import { route } from '@/server/api';
import { live } from '@/server/live';
import { sseResponse } from '@/server/sse';

/** A manager's browsers, each of which holds one. */
const MOST = 4;

/** Lost structure of which this manager has not taken note, as server-sent events named `alarms`. */
export const GET = route(mayManage, async ({ actor, session, request }) =>
  sseResponse(
    alarmStream({ tells: 'alarms', most: MOST, db: db(), live: live(), actor, session, signal: request.signal }),
  ),
);
