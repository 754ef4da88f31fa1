import { typeOf } from '../catalogue/meshTypes';
import { USES } from '../stages/facts';
import type { Market, PackId } from '../catalogue';
import type { CuttingPool, Piece } from '../cutting/types';
import type { PriceProof } from '../buying/proof';
import type { BoughtUnits, DocketLine } from '../buying/docket/types';
import { ROLE_NAMES } from '../stages/posts/words/names';
import { kitName, meshName, packName, postName, timberName, wireName } from '../catalogue/names';
import { FOOT } from '../units/factors';
import { massText, printNumber } from '../units';
import { inUnits } from '../saying/inUnits';
import { type Reader } from '../saying/makeReader';
import { capital, counted, listed } from '../saying/phrases';
import type { OwnedPiece, PostRole } from '../plan/schema';

/** A line's name, and what is said small beside it. */
export function sayLine(
  line: Omit<DocketLine, 'working'>,
  reader: Reader,
  market: Market,
): { readonly name: string; readonly note: string } {
  const { name, note } = named(line, reader, market);
  return { name: inUnits(name, reader.system), note: inUnits(note, reader.system) };
}

function named(
  line: Omit<DocketLine, 'working'>,
  reader: Reader,
  market: Market,
): { readonly name: string; readonly note: string } {
  switch (line.detail.kind) {
    case 'post': {
      const { length, cutOff, roles } = line.detail;
      const cut = cutOff > 0.005 ? `, cut ${reader.about(cutOff)} off the top` : '';
      const names = listed(roles.map((role) => ROLE_NAMES[role as PostRole][1]));
      return {
        name: `${postName(market.post(line.product), reader)}, ${reader.about(length)}`,
        note: `${names}${cut}`,
      };
    }
    case 'roll': {
      const mesh = market.mesh(line.product);
      const { width, trimmed, short } = line.detail;
      const top =
        short > 0.0005
          ? `, ${reader.about(short)} short of the top`
          : trimmed > 0.0005
            ? `, ${reader.about(trimmed)} trimmed off the top`
            : '';
      const panel = typeOf(mesh).rigid;
      return {
        name: `${meshName(mesh, reader)}, ${reader.about(width)} ${panel ? 'high' : 'wide'}`,
        note: `${wireName(mesh, reader)}${top}`,
      };
    }
    case 'timber':
      return {
        name: timberName(market.timber(line.product), reader),
        note: 'sold by length, cut to size',
      };
    case 'kit':
      return {
        name: `${kitName(line.product)}, ${reader.about(line.detail.width)} clear`,
        note:
          line.product === 'gate-kit'
            ? 'the leaf takes mesh from the wall’s rolls'
            : 'hung in the mesh between posts',
      };
    case 'piece': {
      const mesh = market.mesh(line.product);
      const { width, length } = line.detail;
      return {
        name: `${meshName(mesh, reader)}, ${reader.about(width)} × ${reader.about(length)}`,
        note: 'sold whole',
      };
    }
    case 'pack':
      return { name: packName(line.product as PackId, reader), note: '' };
  }
}

/** `1 roll of 30 m`, `2 rolls of 15 m and 1 of 30 m`, `3 packs of 200`. */
export function sayUnits(
  units: readonly BoughtUnits[],
  line: Pick<DocketLine, 'detail'>,
  reader: Reader,
): string {
  if (line.detail.kind === 'roll')
    return listed(units.map((u) => `${counted(u.count, 'roll')} of ${reader.about(u.size)}`));
  if (line.detail.kind === 'timber')
    return listed(units.map((u) => `${counted(u.count, 'length')} of ${reader.about(u.size)}`));
  if (line.detail.kind === 'pack')
    return listed(
      units.map((u) => (u.size === 1 ? String(u.count) : `${counted(u.count, 'pack')} of ${u.size}`)),
    );
  return String(units.reduce((total, u) => total + u.count, 0));
}

/** Why this is bought and not the next cheapest: `Bought as 1 roll of 30 m. 2 rolls of 15 m would cost 6.00 more.` */
export function sayReason(line: Omit<DocketLine, 'working'>, reader: Reader): string {
  if (line.units.length === 0) return line.owned > 0 ? 'All of it is there already.' : '';
  const having = `Bought as ${sayUnits(line.units, line, reader)}.`;
  if (!line.instead) return line.price === null ? `${having} This yard names no price.` : having;
  const other = capital(sayUnits(line.instead.units, line, reader));
  const more = Math.round(line.instead.more);
  return `${having} ${other} would cost ${more === 0 ? 'the same' : `${reader.money(more)} more`}.`;
}

/** How heavy what is bought is, and where its tax is: `45.00 m at 1.71 kg a metre, about 77 kg. Tax of 20 % is in the price.` */
export function sayWeightAndTax(line: Omit<DocketLine, 'working'>, reader: Reader, market: Market): string {
  if (line.buy <= 0) return '';
  const { system } = reader;
  const metre = system === 'imperial' ? 'foot' : 'metre';
  const each = line.weight / line.buy;
  const perMetre = system === 'imperial' ? each * FOOT : each;
  const heavy =
    line.unit === 'm'
      ? `${reader.about(line.buy)} at ${printNumber(perMetre, 2)} kg a ${metre}`
      : `${printNumber(line.buy, 0)} at ${printNumber(each, each < 1 ? 4 : 1)} kg`;
  const weight = `${heavy}, about ${printNumber(line.weight, line.weight < 10 ? 1 : 0)} kg.`;
  const rates = [...new Set(line.units.flatMap((u) => (u.yard === '' ? [] : [u.yard])))].flatMap((id) => {
    const { name, tax } = market.yard(id);
    const rate = `${printNumber(tax.rate * 100, Number.isInteger(tax.rate * 100) ? 0 : 1)} %`;
    if (tax.rate === 0) return [];
    return [`Tax of ${rate} is ${tax.stated === 'with' ? 'in' : 'added to'} the price at ${name}.`];
  });
  return inUnits([weight, ...rates].join(' '), system);
}

/** A weight to carry: `77 kg`, or `170 lb` for a reader in feet. @param kilograms kg */
export function massOf(kilograms: number, { system }: Pick<Reader, 'system'>): string {
  const { figure, unit } = massText(kilograms, system);
  return `${figure} ${unit}`;
}

/** What a pool is cut from, without its width. */
export const poolName = (pool: CuttingPool, reader: Reader, market: Market): string =>
  pool.kind === 'timber'
    ? timberName(market.timber(pool.product), reader)
    : meshName(market.mesh(pool.product), reader);

/** What a piece is for, on a roll. */
export function sayPiece(piece: Piece): string {
  const { name } = USES[piece.use];
  if (piece.use !== 'band') return name;
  if (piece.part.on === 'above-leaf') return 'above the gate';
  return piece.jointed ? `${name}, jointed on` : name;
}

/** Whether the price of all that is bought is proved, in a sentence. @param yards  how many may be bought at */
export function sayPriceProof({ cost, bound, proved }: PriceProof, reader: Reader, yards: number): string {
  const others = yards > 1 ? 'rolls, widths or yards' : 'rolls or widths';
  if (proved) return `The price is the best possible: no cheaper combination of ${others} exists.`;
  return `The price is not proved: other ${others} could save at most ${reader.money(Math.floor(cost - bound + 1e-6))}.`;
}

/** Whether the cutting is proved, in a sentence. */
export function sayProof(pool: CuttingPool, reader: Reader): string {
  if (pool.cost === null || pool.bound === null)
    return 'No price at the yards bought at: cut from common lengths, with the least left over.';
  const more = pool.cost - pool.bound;
  // Taken for its fewer joints: with rings and pegs the whole costs less.
  if (pool.proved && more > 1e-6)
    return `${reader.money(Math.ceil(more - 1e-6))} more than the cheapest rolls, whose joints would take more than that in packs.`;
  if (pool.proved)
    return `Best possible: no set of whole ${pool.kind === 'mesh' ? 'rolls' : 'lengths'} does it for less.`;
  return `Not proved the best possible: at most ${reader.money(Math.floor(more + 1e-6))} could be saved.`;
}

/** Something that is owned, in a phrase: `2 pieces of 13 × 13 mm fine welded, 0.90 m wide, 9.30 m, worn`. */
export function sayOwned(piece: OwnedPiece, reader: Reader, market: Market): string {
  const several = piece.count > 1 && piece.kind !== 'pack' ? `${piece.count} × ` : '';
  const worn = piece.condition === 'sound' ? '' : `, ${piece.condition}`;
  switch (piece.kind) {
    case 'roll':
      return `${several}${meshName(market.mesh(piece.product), reader)}, ${reader.about(piece.width)} wide, ${reader.about(piece.length)}${worn}`;
    case 'post':
      return `${several}${postName(market.post(piece.product), reader)}, ${reader.about(piece.length)}${worn}`;
    case 'timber':
      return `${several}${timberName(market.timber(piece.product), reader)}, ${reader.about(piece.length)}${worn}`;
    case 'kit':
      return `${several}${kitName(piece.product)}, ${reader.about(piece.width)} clear${worn}`;
    case 'pack':
      return `${piece.count} ${packName(piece.product, reader)}${worn}`;
  }
}
