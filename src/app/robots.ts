import type { MetadataRoute } from 'next';

export const dynamic = 'force-static';

/** A page on a person's own machine has nothing to hide from a reader, and nothing to find. */
export default function robots(): MetadataRoute.Robots {
  return { rules: { userAgent: '*', allow: '/' } };
}
