'use client';

import dynamic from 'next/dynamic';

export const Intake = dynamic(() => import('./intake').then((m) => m.Intake));
