import { Fragment, jsxDEV as plainJsxDEV } from 'react/jsx-dev-runtime';
import { spokenProps } from './spokenProps';

export type { JSX } from 'react';
export { Fragment };

/** The same while it is worked on: with what React says of mistakes. */
export const jsxDEV: typeof plainJsxDEV = (type, props, key, isStatic, source, self) =>
  plainJsxDEV(type, spokenProps(type, props as never), key, isStatic, source, self);
