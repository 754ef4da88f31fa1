import { type InkKind, attributesOf, inkOf } from '@aviarum/core';
import type { SVGAttributes } from 'react';

/** What the page's colours are called here, where a name differs. */
const NAMES: Readonly<Record<string, string>> = { run: 'moss-wash', stone: 'paper', contour: 'moss' };

const HYPHENS = /-(\w)/g;
const asProperty = (name: string) => name.replace(HYPHENS, (_, letter: string) => letter.toUpperCase());

const made = new Map<string, SVGAttributes<SVGElement>>();

/** A kind of thing as it is inked on the screen, in the colours of the theme. */
export function inked(kind: InkKind): SVGAttributes<SVGElement> {
  const known = made.get(kind);
  if (known) return known;
  const said = attributesOf(inkOf(kind).screen, (colour) => `var(--${NAMES[colour] ?? colour})`);
  const attributes = Object.fromEntries(
    Object.entries(said).map(([name, value]) => [asProperty(name), value]),
  );
  made.set(kind, attributes);
  return attributes;
}
