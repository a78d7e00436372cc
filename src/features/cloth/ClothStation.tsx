'use client';

import dynamic from 'next/dynamic';
import { useSearchParams } from 'next/navigation';
import { useCloths } from '@/data';
import { Drawer } from './Drawer';

const ClothPage = dynamic(() => import('./ClothPage').then((part) => part.ClothPage), { loading: () => null });

/** Cloth: the drawer, or one cloth out of it. */
export function ClothStation() {
  const id = useSearchParams().get('id');
  const cloths = useCloths();
  if (!cloths) return null;
  const record = cloths.find((cloth) => cloth.id === id);
  return record ? <ClothPage key={record.id} record={record} /> : <Drawer cloths={cloths} lost={id !== null} />;
}
