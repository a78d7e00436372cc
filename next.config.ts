import type { NextConfig } from 'next';
import { moved } from './src/offline/addresses';
import { CONTENT_POLICY, policyText } from './src/offline/contentPolicy';

const development = process.env.NODE_ENV === 'development';
/** A folder for any static host, instead of pages for Bobbet's own server. */
const toFolder = process.env.BOBBET_EXPORT === '1';

/** Nothing is asked of any other origin; development alone needs eval and its own socket. */
const contentSecurityPolicy = policyText({
  ...CONTENT_POLICY,
  // Which scripts stand in a page is known once it is built: the page's own policy names them, and both must allow one.
  'script-src': ["'self'", "'unsafe-inline'", ...(development ? ["'unsafe-eval'"] : [])],
  'connect-src': ["'self'", ...(development ? ['ws:'] : [])],
  'frame-ancestors': ["'none'"],
});

const headers = [
  { key: 'Content-Security-Policy', value: contentSecurityPolicy },
  { key: 'X-Content-Type-Options', value: 'nosniff' },
  { key: 'X-Frame-Options', value: 'DENY' },
  { key: 'Referrer-Policy', value: 'no-referrer' },
  { key: 'Cross-Origin-Opener-Policy', value: 'same-origin' },
  { key: 'Cross-Origin-Resource-Policy', value: 'same-origin' },
  { key: 'Permissions-Policy', value: 'camera=(self), microphone=(), geolocation=(), payment=(), usb=()' },
];

const shared: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  // Types are checked by `npm test`; whoever starts Bobbet does not wait for it again.
  typescript: { ignoreBuildErrors: true },
};

/** What only a server can do has file names of its own, and is left out of the folder. */
const server: NextConfig = {
  ...shared,
  pageExtensions: ['server.ts', 'tsx', 'ts'],
  redirects: async () =>
    Object.entries(moved).map(([from, to]) => ({
      source: `/${from}/:path*`,
      destination: `/${to}/:path*`,
      permanent: true,
    })),
  headers: async () => [{ source: '/(.*)', headers }],
};

/** Every page is a folder with an `index.html`: any static host finds it. */
const folder: NextConfig = {
  ...shared,
  output: 'export',
  trailingSlash: true,
  pageExtensions: ['static.ts', 'tsx', 'ts'],
};

export default toFolder ? folder : server;
