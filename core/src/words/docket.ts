import type { Market, PackId } from '../catalogue';
import type { CuttingPool, Piece } from '../cutting/types';
import type { BoughtUnits, DocketLine } from '../docket/types';
import {
  GATE_KIT_NAME,
  POP_DOOR_KIT_NAME,
  ROLE_NAMES,
  meshName,
  packName,
  postName,
  wireName,
} from './names';
import { type Reader, capital, counted, listed } from './reader';
import type { PostRole } from '../plan/schema';

/** A line's name, and what is said small beside it. */
export function sayLine(
  line: DocketLine,
  reader: Reader,
  market: Market,
): { readonly name: string; readonly note: string } {
  switch (line.detail.kind) {
    case 'post': {
      const { length, cutOff, roles } = line.detail;
      const cut = cutOff > 0.005 ? `, cut ${reader.length(cutOff)} off the top` : '';
      const names = listed(roles.map((role) => ROLE_NAMES[role as PostRole][1]));
      return {
        name: `${postName(market.post(line.product), reader)}, ${reader.length(length)}`,
        note: `${names}${cut}`,
      };
    }
    case 'roll': {
      const mesh = market.mesh(line.product);
      return {
        name: `${meshName(mesh, reader)}, ${reader.length(line.detail.width)} wide`,
        note: wireName(mesh),
      };
    }
    case 'kit':
      return line.product === 'pop-door-kit'
        ? {
            name: `${POP_DOOR_KIT_NAME}, ${reader.length(line.detail.width)} clear`,
            note: 'hung in the mesh between posts',
          }
        : {
            name: `${GATE_KIT_NAME}, ${reader.length(line.detail.width)} clear`,
            note: 'the leaf takes mesh from the wall’s rolls',
          };
    case 'pack':
      return { name: packName(line.product as PackId), note: '' };
  }
}

/** `1 roll of 30 m`, `2 rolls of 15 m and 1 of 30 m`, `3 packs of 200`. */
export function sayUnits(
  units: readonly BoughtUnits[],
  line: Pick<DocketLine, 'detail'>,
  reader: Reader,
): string {
  if (line.detail.kind === 'roll')
    return listed(units.map((u) => `${counted(u.count, 'roll')} of ${reader.length(u.size)}`));
  if (line.detail.kind === 'pack')
    return listed(
      units.map((u) => (u.size === 1 ? String(u.count) : `${counted(u.count, 'pack')} of ${u.size}`)),
    );
  return String(units.reduce((total, u) => total + u.count, 0));
}

/** Why this is bought and not the next cheapest: `Bought as 1 roll of 30 m. 2 rolls of 15 m would cost 6.00 more.` */
export function sayReason(line: DocketLine, reader: Reader): string {
  if (line.units.length === 0) return '';
  const having = `Bought as ${sayUnits(line.units, line, reader)}.`;
  if (!line.instead) return line.price === null ? `${having} This yard names no price.` : having;
  const other = capital(sayUnits(line.instead.units, line, reader));
  const more = Math.round(line.instead.more);
  return `${having} ${other} would cost ${more === 0 ? 'the same' : `${reader.money(more)} more`}.`;
}

/** What a piece is for, on a roll. */
export function sayPiece(piece: Piece): string {
  if (piece.use === 'leaf') return 'gate leaf';
  return piece.use === 'skirt' ? 'skirt' : piece.jointed ? 'wall, jointed on' : 'wall';
}

/** Whether the cutting is proved, in a sentence. */
export function sayProof(pool: CuttingPool, reader: Reader): string {
  if (pool.cost === null || pool.bound === null)
    return 'No price at this yard: cut from common lengths, with the least roll left over.';
  if (pool.proved) return 'Proved: no set of whole rolls from this yard does it for less.';
  return `Not proved the cheapest: at most ${reader.money(pool.cost - Math.ceil(pool.bound))} could be saved.`;
}
