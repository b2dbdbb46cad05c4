'use client';

import dynamic from 'next/dynamic';

export const Running = dynamic(() => import('./running').then((m) => m.Running));
