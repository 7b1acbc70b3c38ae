import type { Answers } from '@kereta/core';

/** As long as the tab is open: another language, or a page that was loaded again, asks nothing twice. */
const KEY = 'kereta.answers';

export const keepAnswers = (answers: Answers): void => {
  try {
    sessionStorage.setItem(KEY, JSON.stringify(answers));
  } catch {
    // Blocked or full: they are asked again.
  }
};

/** What was answered in this tab before, as far as it still has the shape of an answer. */
export const keptAnswers = (fresh: Answers): Answers => {
  try {
    const kept: unknown = JSON.parse(sessionStorage.getItem(KEY) ?? JSON.stringify(fresh));
    const alike = Object.entries(fresh).filter(
      // No vehicle is null, one is a text.
      ([key, value]) => key === 'vehicleId' || typeof value === typeof (kept as Record<string, unknown>)[key],
    );
    return { ...fresh, ...Object.fromEntries(alike.map(([key]) => [key, (kept as Record<string, unknown>)[key]])) };
  } catch {
    return fresh;
  }
};
