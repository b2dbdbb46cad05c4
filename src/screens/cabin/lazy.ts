'use client';

import dynamic from 'next/dynamic';

export const Cabin = dynamic(() => import('./cabin').then((m) => m.Cabin));
