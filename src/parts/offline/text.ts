/** What is said when a newer Bobbet is there. */
export const BUILD_TEXT = {
  label: 'A newer Bobbet',
  newer: 'A new version of Bobbet is ready. Your work stays as it is.',
  older: 'Another window has switched to a newer Bobbet. Reload this one when you are ready. Nothing is lost.',
  take: 'Switch to it',
  reload: 'Reload',
  later: 'Later',
};
