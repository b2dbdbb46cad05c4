'use client';

import type { PlaceProps } from '../place';
import { type ReleaseProps, Report } from './report';

/** The report with what the server knows of its release; without a network with what is here. */
export function ReportPlace({ loaded }: PlaceProps) {
  const release = (loaded as ReleaseProps | undefined) ?? {
    revisions: [],
    links: [],
    published: false,
    salePage: null,
    sealed: null,
  };
  return <Report {...release} />;
}
