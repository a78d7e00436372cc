import { dayOf } from '@/data';

/** Hands a text, or bytes, to the person as a file. */
export function saveFile(name: string, content: string | Uint8Array<ArrayBuffer>, type: string): void {
  const url = URL.createObjectURL(new Blob([content], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}

/** Today, as it stands in a file's name. */
export const today = (): string => dayOf(new Date());
