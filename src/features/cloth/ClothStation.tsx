'use client';

import dynamic from 'next/dynamic';
import { useSearchParams } from 'next/navigation';
import { useCloths } from '@/data';
import { RecordBoundary, RecordTrouble, useDamagedRecord } from '@/parts/boundary';
import { CLOTH_STATION_TEXT } from './text';

const Drawer = dynamic(() => import('./Drawer').then((part) => part.Drawer), { loading: () => null });
const ClothPage = dynamic(() => import('./ClothPage').then((part) => part.ClothPage), { loading: () => null });

/** Cloth: the drawer, or one cloth out of it. */
export function ClothStation() {
  const id = useSearchParams().get('id');
  const cloths = useCloths();
  const wrong = useDamagedRecord('cloths', id);
  if (!cloths) return null;
  const record = cloths.find((cloth) => cloth.id === id);
  const which = { table: 'cloths', id: id ?? '', what: CLOTH_STATION_TEXT.thisFabric, home: '/fabric' };
  if (record) {
    return (
      <RecordBoundary key={record.id} {...which}>
        <ClothPage record={record} />
      </RecordBoundary>
    );
  }
  return wrong ? <RecordTrouble {...which} /> : <Drawer cloths={cloths} lost={id !== null} />;
}
