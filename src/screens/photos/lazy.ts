'use client';

import dynamic from 'next/dynamic';

export const Photos = dynamic(() => import('./photos').then((m) => m.Photos));
