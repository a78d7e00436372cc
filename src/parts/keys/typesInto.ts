/** Fields that undo what is typed in them by themselves. */
const OWN_UNDO = new Set([
  'text',
  'search',
  'number',
  'email',
  'tel',
  'url',
  'password',
  'date',
  'time',
  'datetime-local',
]);

/** Whether a key belongs to what has the focus: a field with text in it. */
export function typesInto(target: EventTarget | null): boolean {
  if (!(target instanceof HTMLElement)) return false;
  if (target.isContentEditable || target instanceof HTMLTextAreaElement) return true;
  return target instanceof HTMLInputElement && OWN_UNDO.has(target.type);
}
