'use client';

import dynamic from 'next/dynamic';

export const Talk = dynamic(() => import('./talk').then((m) => m.Talk));
