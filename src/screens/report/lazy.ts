'use client';

import dynamic from 'next/dynamic';

export const ReportPlace = dynamic(() => import('./report-place').then((m) => m.ReportPlace));
