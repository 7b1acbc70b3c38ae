/** A text with what stands in braces filled in; a name that nothing is given for stays as it is. */
export const filled = (text: string, fill: Readonly<Record<string, string | number>>): string =>
  text.replace(/\{(\w+)\}/g, (whole, name: string) => (Object.hasOwn(fill, name) ? String(fill[name]) : whole));
