'use client';

import { AppRouterCacheProvider } from '@mui/material-nextjs/v16-appRouter';
import GlobalStyles from '@mui/material/GlobalStyles';
import { ThemeProvider } from '@mui/material/styles';
import type { ReactNode } from 'react';
import { theme } from '@/ui/theme';
import { TOKEN_STYLES } from '@/ui/tokens';

/** What every screen stands on. */
export function Providers({ children }: { children: ReactNode }) {
  return (
    <AppRouterCacheProvider options={{ enableCssLayer: true }}>
      <ThemeProvider theme={theme} defaultMode="system" disableTransitionOnChange>
        <GlobalStyles styles={TOKEN_STYLES} />
        {children}
      </ThemeProvider>
    </AppRouterCacheProvider>
  );
}
