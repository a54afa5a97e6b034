// Items counted one after the other: which one is done, how far it is, and the seconds to change before it. Pure: no page, and whoever
// asks says what time it is, in milliseconds, so that it can be tested by itself.
import { isOver, totalSeconds } from './timing.js';

const A_MOMENT = 0.01;

export function counter(counts) {
  let line = 0;
  let elapsed = 0;
  let changing = 0;
  let running = false;
  let since = 0;
  const over = () => isOver(counts[line], elapsed);
  return {
    line: () => line,
    // Seconds of this item, and the most of them at which it is still being done.
    elapsed: () => elapsed,
    shown: () => Math.min(elapsed, totalSeconds(counts[line]) - A_MOMENT),
    changing: () => changing,
    isRunning: () => running,
    isOver: over,
    isLast: () => line === counts.length - 1,
    // Another item stands still until it is begun.
    goTo(to, change = 0) {
      line = to;
      elapsed = 0;
      changing = change;
      running = false;
    },
    pause() {
      running = false;
    },
    again() {
      elapsed = 0;
      running = false;
    },
    skipChange() {
      changing = 0;
    },
    // Begins, pauses or goes on; what was done is begun anew.
    toggle(at) {
      if (!running && over()) elapsed = 0;
      running = !running;
      since = at;
    },
    // Time goes by; true once, when the item has come to its end.
    pass(at) {
      if (!running) return false;
      const passed = (at - since) / 1000;
      since = at;
      if (changing > 0) changing = Math.max(0, changing - passed);
      else elapsed += passed;
      if (!over()) return false;
      running = false;
      return true;
    },
  };
}
