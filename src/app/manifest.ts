import type { MetadataRoute } from 'next';
import { LIGHT } from '@/ui/tokens';

export const dynamic = 'force-static';

const icon = (size: number, purpose: 'any' | 'maskable' = 'any') => ({
  src: `/icons/${purpose === 'any' ? 'icon' : 'maskable'}-${size}.png`,
  sizes: `${size}x${size}`,
  type: 'image/png',
  purpose,
});

const shortcut = (name: string, url: string) => ({ name, url, icons: [icon(192)] });

/** How Bobbet is installed: what it is called, what opens it, and which files it can take. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    id: '/',
    name: 'Bobbet',
    short_name: 'Bobbet',
    description: 'Tested settings for every fabric you sew.',
    start_url: '/today',
    scope: '/',
    display: 'standalone',
    background_color: LIGHT.paper,
    theme_color: LIGHT.tape,
    lang: 'en',
    icons: [
      { src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' },
      icon(192),
      icon(512),
      icon(192, 'maskable'),
      icon(512, 'maskable'),
    ],
    shortcuts: [shortcut('Match a fabric', '/match'), shortcut('Today', '/today'), shortcut('Sew a seam', '/sew')],
    file_handlers: [{ action: '/take', accept: { 'application/json': ['.json'] } }],
    share_target: {
      action: '/take',
      method: 'POST',
      enctype: 'multipart/form-data',
      params: {
        title: 'title',
        text: 'text',
        url: 'url',
        files: [{ name: 'files', accept: ['application/json', '.json', 'image/jpeg', 'image/png', 'image/webp'] }],
      },
    },
  };
}
