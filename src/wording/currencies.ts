import countryToCurrency from 'country-to-currency'

/** The money of a country, ISO 4217; null: its code names none. @param country ISO 3166 */
export const currencyOf = (country: string): string | null =>
  (countryToCurrency as Record<string, string>)[country] ?? null

/** Every money to choose from: its code and its name, by name. */
export function currencyChoices(): [code: string, name: string][] {
  const names = new Intl.DisplayNames('en', { type: 'currency' })
  return [...new Set(Object.values(countryToCurrency))]
    .map((code): [string, string] => [code, names.of(code) ?? code])
    .sort(([, a], [, b]) => a.localeCompare(b, 'en'))
}
