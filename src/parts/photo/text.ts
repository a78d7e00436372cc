/** What is said while a photo is taken in. */
export const PHOTO_TEXT = {
  unreadable: (name: string) => `${name} is not a picture that can be read: expected JPEG, PNG or WebP.`,
  failed: (name: string, why: string) => `${name} could not be made smaller: ${why}`,
  deleted: 'Photo deleted',
} as const;
