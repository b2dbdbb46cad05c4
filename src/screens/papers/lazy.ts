'use client';

import dynamic from 'next/dynamic';

export const Papers = dynamic(() => import('./papers').then((m) => m.Papers));
