/** The value that a share of the values lies below; 0 for none. */
export function quantileOf(values: ArrayLike<number>, share: number): number {
  // A typed array sorts by value without calling back.
  const sorted = Float64Array.from(values).sort();
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? 0;
}
