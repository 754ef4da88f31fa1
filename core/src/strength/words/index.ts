import type { MemberKind } from './row';

/** What a member is called within a sentence, and whether one bends, is pulled, or is pressed. */
export const MEMBER_NAMES: Readonly<Record<MemberKind, string>> = {
  rail: 'rail',
  'edge-rail': 'rail along the edge',
  beam: 'beam',
  purlin: 'purlin',
  rafter: 'rafter',
  prop: 'prop',
  net: 'net',
  wire: 'top wire',
  post: 'post',
  'wrapped-post': 'post behind the wrap',
  uplift: 'cover in the wind',
  ridge: 'ridge timber',
  'ridge-prop': 'prop under the ridge',
  'arch-lift': 'arch lifted by the wind',
  'arch-slide': 'arch pushed by the wind',
};

/** What a working of strength is made of. */
export const TERMS = {
  'strength.used': () => 'used of what it bears',
  'strength.stress': () => 'stress',
  'strength.allowed': () => 'allowed',
  'strength.moment': () => 'bending',
  'strength.line': () => 'load along it',
  'strength.snow': () => 'snow on the ground',
  'strength.share': () => 'stays on it',
  'strength.own': () => 'its own weight',
  'strength.on': () => 'on a square metre',
  'strength.carries': () => 'it carries',
  'strength.span': () => 'span',
  'strength.eighth': () => 'an eighth',
  'strength.section': () => 'section',
  'strength.newtons': () => 'N in a kN',
  'strength.deflection': () => 'bends',
  'strength.load': () => 'load',
} as const;
