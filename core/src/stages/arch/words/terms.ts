import type { Reader } from '../../../saying/reader';
import { KINDS, type KindId } from '../plan/kinds';

export interface ArchNamed {
  readonly name: string;
}
export interface ArchLong {
  readonly length: number;
}

/** What a working of arches is made of. Lengths m. */
export const TERMS = {
  'mesh.arch-skin': ({ name }: ArchNamed) => `strips over ${name}`,
  'mesh.arch-ends': ({ name }: ArchNamed) => `strips on the ends of ${name}`,
  'mesh.arch-panels': ({ name }: ArchNamed) => `cut for ends and doors of ${name}`,
  'mesh.arch-low': ({ name }: ArchNamed) => `low band round ${name}`,
  'arch.ties': ({ length }: ArchLong, r: Reader) =>
    `ties along a seam of panels, ${r.about(length)}, at every second crossing`,
  'arch.stakes': () => 'stakes along both feet',
  'arch.tees': () => 'tees, one per hoop on ridge and feet',
  'arch.wheels': () => 'wheels',
  'arch.straps': ({ length }: ArchLong, r: Reader) => `straps, each ${r.about(length)} with its ends`,
  'arch.straps-over': () => 'over the film',
  'arch.straps-each': () => 'of 5 m each',
  'arch.clamps': () => 'clamps along the side that rolls up',
  'arch.ribs': ({ kind }: { readonly kind: KindId }) => KINDS[kind].bends[1],
  'arch.skin': () => 'skin over the arch and its ends',
  'arch.film': () => 'film over the arch',
  'hours.arch-frame': ({ name }: ArchNamed) => `bend and set ${name}`,
  'hours.arch-skin': ({ name }: ArchNamed) => `hang the skin of ${name}`,
  'hours.arch-film': ({ name }: ArchNamed) => `put the film over ${name}`,
} as const;
