/** A CSS pixel, mm. */
export const PX_MM = 25.4 / 96;

/** Where things are, from the top left of the sheet. */
export interface Origin {
  /** From the left of the window, CSS pixels. */
  left: number;
  /** From the top of the window, CSS pixels. */
  top: number;
  /** What everything in it shows within, as path data, mm; none where nothing hides it. */
  within: string | null;
}

/** A box as path data, mm. */
export const frameOf = (box: DOMRect, { left, top }: Origin): string => {
  const mm = (px: number) => px * PX_MM;
  return `M${mm(box.left - left)} ${mm(box.top - top)} h${mm(box.width)} v${mm(box.height)} h${-mm(box.width)} Z`;
};

/** The type that ships for paper has two weights. */
export const isBold = (style: CSSStyleDeclaration): boolean => Number(style.fontWeight) >= 550;
