// A page that is watched: tasks over 50 ms, and the frames of a scroll.
export const ARGS = ['--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage', '--disable-background-networking'];

/** A page that writes down its long tasks. */
export async function watched(browser) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.addInitScript(() => {
    window.longTasks = [];
    new PerformanceObserver((list) => window.longTasks.push(...list.getEntries().map((e) => e.duration))).observe({
      type: 'longtask',
    });
  });
  return page;
}

/** Long tasks since the last time, ms. */
export const tasks = (page) => page.evaluate(() => window.longTasks.splice(0));

/** Frames of a scroll of 150 steps, ms, shortest first. */
export const scroll = () =>
  new Promise((done) => {
    const frames = [];
    let last = performance.now();
    const step = () => {
      const now = performance.now();
      frames.push(now - last);
      last = now;
      window.scrollBy(0, 240);
      if (frames.length < 150) requestAnimationFrame(step);
      else done(frames.sort((a, b) => a - b));
    };
    requestAnimationFrame(step);
  });
