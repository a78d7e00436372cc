import { spokenText } from '../english';

/** What of an element is read by a person. */
const READ = [
  'aria-label',
  'aria-description',
  'aria-valuetext',
  'alt',
  'help',
  'helperText',
  'label',
  'placeholder',
  'title',
];
/** Elements whose text is no language. */
const NOT_READ = new Set(['style', 'script', 'code']);

const spokenChild = (child: unknown): unknown => (typeof child === 'string' ? spokenText(child) : child);

/**
 * What an element is given, in the English the screen speaks.
 *
 * @param type - of the element
 * @param props - as they were written; they are handed back as they are where nothing differs
 */
export function spokenProps(type: unknown, props: Record<string, unknown>): Record<string, unknown> {
  if (typeof type === 'string' && NOT_READ.has(type)) return props;
  let spoken = props;
  const put = (key: string, value: unknown) => {
    if (value !== props[key]) spoken = { ...spoken, [key]: value };
  };
  for (const key of READ) if (typeof props[key] === 'string') put(key, spokenText(props[key]));
  const { children } = props;
  if (typeof children === 'string') put('children', spokenText(children));
  else if (Array.isArray(children) && children.some((child) => typeof child === 'string'))
    put('children', children.map(spokenChild));
  return spoken;
}
