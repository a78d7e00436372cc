import type { NextConfig } from 'next';

const development = process.env.NODE_ENV === 'development';

/** Nothing is asked of any other origin; development alone needs eval and its own socket. */
const contentSecurityPolicy = [
  "default-src 'self'",
  `script-src 'self' 'unsafe-inline'${development ? " 'unsafe-eval'" : ''}`,
  "style-src 'self' 'unsafe-inline'",
  "img-src 'self' data: blob:",
  "font-src 'self'",
  `connect-src 'self'${development ? ' ws:' : ''}`,
  "worker-src 'self'",
  "manifest-src 'self'",
  "object-src 'none'",
  "base-uri 'self'",
  "form-action 'self'",
  "frame-ancestors 'none'",
].join('; ');

const headers = [
  { key: 'Content-Security-Policy', value: contentSecurityPolicy },
  { key: 'X-Content-Type-Options', value: 'nosniff' },
  { key: 'X-Frame-Options', value: 'DENY' },
  { key: 'Referrer-Policy', value: 'no-referrer' },
  { key: 'Cross-Origin-Opener-Policy', value: 'same-origin' },
  { key: 'Cross-Origin-Resource-Policy', value: 'same-origin' },
  { key: 'Permissions-Policy', value: 'camera=(), microphone=(), geolocation=(), payment=(), usb=()' },
];

/** Addresses of stations as they were; what was kept as a bookmark still opens. */
const moved = { cloth: 'fabric', swatch: 'test', ledger: 'log', jobs: 'projects' };

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  // Types are checked by `npm test`; whoever starts Bobbet does not wait for it again.
  typescript: { ignoreBuildErrors: true },
  redirects: async () =>
    Object.entries(moved).map(([from, to]) => ({
      source: `/${from}/:path*`,
      destination: `/${to}/:path*`,
      permanent: true,
    })),
  headers: async () => [{ source: '/(.*)', headers }],
};

export default config;
