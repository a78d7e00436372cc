/** How bad a sign is, in words: 0 not seen … 3 bad. */
export const SEVERITY_TEXT = ['not seen', 'slight', 'clear', 'bad'] as const;
