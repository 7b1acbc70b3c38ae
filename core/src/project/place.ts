import type { UnitSystem } from '../units/index.js';
import type { Settings } from './schema.js';

/** What a new trailer takes over from where its builder lives. */
export interface Place {
  readonly units: UnitSystem;
  /** whose rules are told; undefined where none of those that are known here holds */
  readonly region: Settings['regions'][number] | undefined;
  readonly currency: string;
}

const INCHES = { units: 'imperial', region: 'north-america', currency: 'USD' } as const;
const EURO = { units: 'metric', region: 'europe', currency: 'EUR' } as const;

/** Countries whose money or whose measures differ from those of their region. */
const COUNTRIES: Readonly<Record<string, Place>> = {
  US: INCHES,
  LR: { ...INCHES, region: undefined },
  CA: { ...INCHES, currency: 'CAD' },
  MX: { units: 'metric', region: 'north-america', currency: 'MXN' },
  AU: { units: 'metric', region: 'australia', currency: 'AUD' },
  NZ: { units: 'metric', region: 'australia', currency: 'NZD' },
  GB: { ...EURO, currency: 'GBP' },
  CH: { ...EURO, currency: 'CHF' },
  NO: { ...EURO, currency: 'NOK' },
  SE: { ...EURO, currency: 'SEK' },
  DK: { ...EURO, currency: 'DKK' },
  PL: { ...EURO, currency: 'PLN' },
  CZ: { ...EURO, currency: 'CZK' },
  HU: { ...EURO, currency: 'HUF' },
  RO: { ...EURO, currency: 'RON' },
};
const WITH_EUROS = new Set('AT BE BG CY DE EE ES FI FR GR HR IE IT LT LU LV MT NL PT SI SK'.split(' '));

/** Where a language is mostly spoken, for pages that say no country. */
const LANGUAGES: Readonly<Record<string, string>> = {
  en: 'US',
  cs: 'CZ',
  da: 'DK',
  sv: 'SE',
  nb: 'NO',
  no: 'NO',
  el: 'GR',
  et: 'EE',
  sl: 'SI',
};

/** Units, region and currency by a page's language, as 'de-AT'; metric and without a region where nothing is known of it. */
export const placeOf = (language: string): Place => {
  const [tongue = '', ...rest] = language.split('-');
  const said = rest.find((part) => /^[A-Z]{2}$/.test(part));
  const country = said ?? LANGUAGES[tongue] ?? tongue.toUpperCase();
  if (WITH_EUROS.has(country)) return EURO;
  return COUNTRIES[country] ?? { units: 'metric', region: undefined, currency: '' };
};
