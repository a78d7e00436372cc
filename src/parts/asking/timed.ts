/**
 * Marks how long an answer took, so that the browser's own tools and the bench can read it.
 *
 * @param kind - marked as `bobbet.KIND`
 * @param ask - asks for it
 */
export async function timed<T>(kind: 'match' | 'diagnose', ask: () => Promise<T>): Promise<T> {
  const start = performance.now();
  const answer = await ask();
  performance.measure(`bobbet.${kind}`, { start, end: performance.now() });
  return answer;
}
