/** Where other apps send what is shared with Bobbet. */
export const SHARED_TO = '/take';
/** Where what was shared waits for the page. */
export const SHARED_CACHE = 'bobbet-shared';
/** The address of one shared file in that store. */
export const sharedAddress = (at: number): string => `/shared/${at}`;
