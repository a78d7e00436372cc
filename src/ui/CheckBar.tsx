import { CHECK_BAR_TEXT } from './text';

/** On paper: the sheet is true to scale when this measures 100 mm, and 4 in. */
export function CheckBar() {
  return (
    <svg style={{ display: 'block' }} width="110mm" height="9mm" viewBox="0 0 110 9">
      <path d="M2 2 V6 M2 4 H103.6 M102 2 V6 M103.6 3 V5" stroke="#000" strokeWidth="0.3" fill="none" />
      <text x="52" y="8.6" textAnchor="middle" fontSize="3.4">
        {CHECK_BAR_TEXT.mmToTheLong}
      </text>
    </svg>
  );
}
