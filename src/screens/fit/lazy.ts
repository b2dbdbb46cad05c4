'use client';

import dynamic from 'next/dynamic';

export const Fit = dynamic(() => import('./fit').then((m) => m.Fit));
