/** Text as it may stand in XML, in elements and in attributes. */
export const escaped = (text: string): string =>
  text
    // Control signs that XML 1.0 has no place for.
    // eslint-disable-next-line no-control-regex
    .replace(/[\u0000-\u0008\u000b\u000c\u000e-\u001f]/g, '')
    .replace(/&/g, '&amp;')
    .replace(/</g, '&lt;')
    .replace(/>/g, '&gt;')
    .replace(/"/g, '&quot;');

/** An element with attributes and, where given, what is in it (markup, not text). */
export function element(
  name: string,
  attributes: Readonly<Record<string, string | number>>,
  inside?: string,
): string {
  const given = Object.entries(attributes)
    .map(([key, value]) => ` ${key}="${escaped(String(value))}"`)
    .join('');
  return inside === undefined ? `<${name}${given}/>` : `<${name}${given}>${inside}</${name}>`;
}
