'use client';

import Button from '@mui/material/Button';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useState } from 'react';
import type { ClothRecord } from '@/core/file';
import styles from './MachineBar.module.css';
import { BAR_TEXT as TEXT } from './text';

interface Props {
  name: string;
  which: readonly ClothRecord[];
  onTell: (id: string | null) => void;
}

/** Asked once: which fabric a machine is set for, where an older note says only a name that does not tell. */
export function WhichCloth({ name, which, onTell }: Props) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const tell = (id: string | null) => {
    setAnchor(null);
    onTell(id);
  };
  return (
    <>
      <span className={styles.must}>{TEXT.which(name)}</span>
      <Button size="small" variant="outlined" onClick={(event) => setAnchor(event.currentTarget)} aria-haspopup="menu">
        {TEXT.choose}
      </Button>
      <Menu open={anchor !== null} anchorEl={anchor} onClose={() => setAnchor(null)}>
        {which.map(({ id, cloth, where }) => (
          <MenuItem key={id} onClick={() => tell(id)}>
            {where === '' ? cloth.name : `${cloth.name}, ${where}`}
          </MenuItem>
        ))}
        <MenuItem onClick={() => tell(null)}>{TEXT.none}</MenuItem>
      </Menu>
    </>
  );
}
