'use client';

import dynamic from 'next/dynamic';

export const Work = dynamic(() => import('./work').then((m) => m.Work));
