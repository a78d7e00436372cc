'use client';

import Button from '@mui/material/Button';
import { useEffect, useState } from 'react';
import { reportTrouble, usePreference } from '@/data';
import { downloadWorkroom } from '../backups';
import { Banner } from './Banner';
import { DOWNLOAD_TEXT as TEXT } from './downloadText';

/** Asks for a copy outside this browser when there has been none for a month; the folder the person picked is one. */
export function DownloadBanner() {
  const own = usePreference('workroom') === 'own';
  const [due, setDue] = useState(false);
  useEffect(() => {
    if (!own) return;
    import('@/data/backups')
      .then(async ({ isDownloadDue, readDownloads }) => setDue(isDownloadDue(await readDownloads(), new Date())))
      .catch((cause: unknown) => reportTrouble(cause));
  }, [own]);
  if (!own || !due) return null;
  const download = async () => {
    await downloadWorkroom();
    setDue(false);
  };
  const later = async () => {
    const { noteDownload } = await import('@/data/backups');
    await noteDownload({ later: new Date().toISOString() });
    setDue(false);
  };
  return (
    <Banner label={TEXT.downloadLabel}>
      <p>{TEXT.download}</p>
      <Button size="small" variant="outlined" onClick={() => void download()}>
        {TEXT.downloadNow}
      </Button>
      <Button size="small" onClick={() => void later()}>
        {TEXT.later}
      </Button>
    </Banner>
  );
}
