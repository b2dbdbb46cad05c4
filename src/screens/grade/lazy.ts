'use client';

import dynamic from 'next/dynamic';

export const Grade = dynamic(() => import('./grade').then((m) => m.Grade));
