'use client';

import ButtonBase from '@mui/material/ButtonBase';
import { styled } from '@mui/material/styles';

/** What can be pressed and looks like what it shows: a row, a picture, a figure. It brings no look of its own. */
export const Pressable = styled(ButtonBase)({
  display: 'inline-block',
  font: 'inherit',
  letterSpacing: 'inherit',
  textAlign: 'center',
  justifyContent: 'normal',
  '& > svg': { verticalAlign: 'middle' },
}) as typeof ButtonBase;
