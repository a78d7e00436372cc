/** What is said while a photo is taken in. */
export const PHOTO_TEXT = {
  unreadable: (name: string) => `${name} is not a picture Bobbet can read. Choose a JPEG, PNG or WebP.`,
  failed: (name: string, why: string) => `${name} could not be made smaller: ${why}`,
  deleted: 'Photo deleted',
} as const;

/** Adds a photo, changes it, or takes it away. */
export const PHOTO_BUTTONS_TEXT = {
  shrinkingIt: 'Making it smaller …',
  anotherPhoto: 'Another photo',
  addAPhoto: 'Add a photo',
} as const;
