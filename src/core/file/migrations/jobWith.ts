import { isObject, type Loose } from './loose';

/** A project’s file no longer says only the names of what it points at: they are kept beside what it brings along. */
export function jobWith({ job, cloths, machine, ...frame }: Loose): Loose {
  const named = (list: string, one: unknown): Loose[] => (isObject(one) ? [{ list, id: one.id, name: one.name }] : []);
  return {
    ...frame,
    item: job,
    with: [],
    names: [
      ...(Array.isArray(cloths) ? cloths.flatMap((one: unknown) => named('cloths', one)) : []),
      ...named('machines', machine),
    ],
  };
}
