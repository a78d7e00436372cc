/** As narrow as a phone, as in the style sheets. */
export const PHONE = '(max-width: 520px)';
