/** The app's own type as files, for paper: each weight in the order its letters are looked for. */
export interface TypeFiles {
  plain: readonly ArrayBuffer[];
  bold: readonly ArrayBuffer[];
}

/** Fetches the type that ships with the app. */
export async function typeFiles(): Promise<TypeFiles> {
  const [plain, plainMore, bold, boldMore] = await Promise.all(
    [
      new URL(
        '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff',
        import.meta.url,
      ),
      new URL(
        '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-400-normal.woff',
        import.meta.url,
      ),
      new URL(
        '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff',
        import.meta.url,
      ),
      new URL(
        '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-700-normal.woff',
        import.meta.url,
      ),
    ].map(async (url) => (await fetch(url)).arrayBuffer()),
  );
  return { plain: [plain, plainMore], bold: [bold, boldMore] };
}
