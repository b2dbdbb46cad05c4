'use client';

import dynamic from 'next/dynamic';

export const Metal = dynamic(() => import('./metal').then((m) => m.Metal));
