/** Every currency by its code, with its name as it is called here; none first. */
export function currencies(): readonly { readonly value: string; readonly label: string }[] {
  const names = new Intl.DisplayNames(undefined, { type: 'currency' });
  return [
    { value: 'XXX', label: 'no currency named' },
    ...Intl.supportedValuesOf('currency')
      .filter((code) => /^[A-Z]{3}$/.test(code) && code !== 'XXX')
      .map((code) => ({ value: code, label: `${code} · ${names.of(code) ?? code}` })),
  ];
}
