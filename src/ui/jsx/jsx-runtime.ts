import { Fragment, jsx as plainJsx, jsxs as plainJsxs } from 'react/jsx-runtime';
import { spokenProps } from './spokenProps';

export type { JSX } from 'react';
export { Fragment };

/**
 * Elements as React makes them, their words in the person's English.
 *
 * Every text on every screen goes through here, whether it comes from a text file or from the core, so that no screen can forget it.
 */
export const jsx: typeof plainJsx = (type, props, key) => plainJsx(type, spokenProps(type, props as never), key);
export const jsxs: typeof plainJsxs = (type, props, key) => plainJsxs(type, spokenProps(type, props as never), key);
