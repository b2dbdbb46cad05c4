'use client';

import dynamic from 'next/dynamic';

export const Walk = dynamic(() => import('./walk').then((m) => m.Walk));
