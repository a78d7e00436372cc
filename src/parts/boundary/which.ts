/** A record that has a page of its own. */
export interface Which {
  /** The table it lies in, and its key. */
  table: string;
  id: string;
  /** What it is called in a sentence, such as "This project". */
  what: string;
  /** Where to go when it is deleted. */
  home: string;
}
