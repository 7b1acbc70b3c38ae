/** Small matters of view, kept in this browser where it lets us, else for as long as the page is open. */
const inMemory = new Map<string, string>();

export const recall = (key: string): string | null => {
  try {
    return localStorage.getItem(key) ?? inMemory.get(key) ?? null;
  } catch {
    return inMemory.get(key) ?? null;
  }
};

export const remember = (key: string, value: string): void => {
  inMemory.set(key, value);
  try {
    localStorage.setItem(key, value);
  } catch {
    // Blocked or full: the page remembers it while it is open.
  }
};

export const forget = (key: string): void => {
  inMemory.delete(key);
  try {
    localStorage.removeItem(key);
  } catch {
    // It was never there.
  }
};
