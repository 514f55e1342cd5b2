import { notifyManager } from '@tanstack/react-query';

/**
 * Answers that come soon after one another are told together, so that a page is drawn once for all of them and not once for each: a list
 * asks for a picture by each of its rows, and a page for a dozen tables.
 */
export function tellTogether(): void {
  let waiting: (() => void)[] = [];
  notifyManager.setScheduler((tell) => {
    if (waiting.push(tell) > 1) return;
    setTimeout(() => {
      const now = waiting;
      waiting = [];
      for (const each of now) each();
    }, 0);
  });
}
