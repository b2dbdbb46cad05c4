'use client';

import dynamic from 'next/dynamic';

export const Order = dynamic(() => import('./order').then((m) => m.Order));
