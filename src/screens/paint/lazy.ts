'use client';

import dynamic from 'next/dynamic';

export const Paint = dynamic(() => import('./paint').then((m) => m.Paint));
