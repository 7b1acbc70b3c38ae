/**
 * Where a value or a rule comes from. Published values were recalled, not re-read: `sure` where we are certain that the
 * named source says so, `verify` where it is from memory and shown so.
 */
export type Source =
  | { readonly kind: 'published'; readonly name: string; readonly confidence: 'sure' | 'verify' }
  | { readonly kind: 'common-practice'; readonly note?: string | undefined }
  | { readonly kind: 'computed'; readonly formula: string }
  | { readonly kind: 'own'; readonly note?: string | undefined };

export const publishedSure = (name: string): Source => ({ kind: 'published', name, confidence: 'sure' });
export const publishedVerify = (name: string): Source => ({ kind: 'published', name, confidence: 'verify' });
export const commonPractice = (note?: string): Source => ({ kind: 'common-practice', note });
export const computedBy = (formula: string): Source => ({ kind: 'computed', formula });
