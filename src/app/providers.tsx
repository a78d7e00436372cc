'use client';

import { AppRouterCacheProvider } from '@mui/material-nextjs/v16-appRouter';
import { ThemeProvider } from '@mui/material/styles';
import { SnackbarProvider } from 'notistack';
import type { ReactNode } from 'react';
import { theme } from '@/ui';

/** What every screen stands on: theme, and the place where "done, undo" is said. */
export function Providers({ children }: { children: ReactNode }) {
  return (
    <AppRouterCacheProvider options={{ enableCssLayer: true }}>
      <ThemeProvider theme={theme} defaultMode="system" disableTransitionOnChange>
        <SnackbarProvider
          maxSnack={2}
          autoHideDuration={10_000}
          anchorOrigin={{ vertical: 'bottom', horizontal: 'right' }}
          classes={{ containerRoot: 'notices' }}
        >
          {children}
        </SnackbarProvider>
      </ThemeProvider>
    </AppRouterCacheProvider>
  );
}
