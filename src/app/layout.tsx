import '@fontsource-variable/atkinson-hyperlegible-next/index.css';
import '@fontsource-variable/bricolage-grotesque/index.css';
import './globals.css';
import InitColorSchemeScript from '@mui/material/InitColorSchemeScript';
import type { Metadata, Viewport } from 'next';
import type { ReactNode } from 'react';
import { Frame } from '@/parts/frame';
import { LIGHT } from '@/ui/tokens';
import { Providers } from './providers';

export const metadata: Metadata = {
  title: { default: 'Bobbet', template: '%s · Bobbet' },
  description:
    'From the fabric you have to tested settings: needle, thread, foot, stitch and every dial, with reasons.',
};

export const viewport: Viewport = { width: 'device-width', initialScale: 1, themeColor: LIGHT.tape };

/**
 * Zod looks whether it may use eval when the first schema is made, and the policy reports even the attempt. Which schema
 * is made first is up to how the page's parts arrive, so its setting stands in the page before any of them.
 */
const WITHOUT_EVAL = 'globalThis.__zod_globalConfig={jitless:true}';

export default function RootLayout({ children }: { children: ReactNode }) {
  return (
    <html lang="en" suppressHydrationWarning>
      <body>
        <script dangerouslySetInnerHTML={{ __html: WITHOUT_EVAL }} />
        <InitColorSchemeScript attribute="data" defaultMode="system" />
        <Providers>
          <Frame>{children}</Frame>
        </Providers>
      </body>
    </html>
  );
}
