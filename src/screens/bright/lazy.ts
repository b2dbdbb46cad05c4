'use client';

import dynamic from 'next/dynamic';

export const Bright = dynamic(() => import('./bright').then((m) => m.Bright));
