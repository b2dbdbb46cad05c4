import { z } from 'zod';

const GB = 1024 ** 3;

/** What one house may keep and do at once; whoever runs the server sets them by the environment. */
export function quotas() {
  return {
    /** Bytes of pictures of one house. */
    pictureBytes: z.coerce.number().positive().catch(200).parse(process.env.FARVIN_PICTURES_GB) * GB,
    /** Exports of one person that wait or are being made. */
    exportsPerPerson: 2,
    /** Exports of one house that wait or are being made. */
    exportsPerHouse: 6,
    /** Open streams of live changes of one account. */
    streamsPerAccount: z.coerce.number().int().positive().catch(6).parse(process.env.FARVIN_STREAMS),
    /** Days after which a finished export is taken away; it can be made again. */
    exportDays: 30,
    /** Days after which parts of a picture that was never finished are taken away. */
    partDays: 7,
  } as const;
}
