import { checkPrices } from '../routes/prices';
import { LIMITS } from '../store/limits';
import { AmountOf } from './amount';
import { none, parsed, planAt, refuse, right } from './checks';
import {
  FORMAT_VERSION,
  LINES,
  LINE_KINDS,
  type LineKind,
  type Thing,
  endSchema,
  headerSchema,
} from './lines';
import { isWhole, thingsOfWhole } from './whole';

/** The longest line: a document of a plan at its limit, and a card, characters. */
const LONGEST_LINE = 5 * 1024 * 1024;
/** A file of one JSON document, as earlier versions wrote it, is no longer than they took, characters. */
const LONGEST_WHOLE = 32 * 1024 * 1024;

/** Values in a piece that is parsed at once. A plan has at most 400,000. */
const MOST_VALUES = { line: 500_000, whole: 5_000_000 } as const;

/** How many there may be of what a line holds. */
const MOST: Readonly<Partial<Record<LineKind, number>>> = {
  plan: LIMITS.plans,
  piece: LIMITS.pieces,
  product: LIMITS.products,
  price: LIMITS.prices,
  yardList: LIMITS.yardLists,
  standIn: LIMITS.meters,
};

/**
 * Reads a holding from its file as the text comes: checks each thing, counts them, and gives what is right. The answer holds nothing back but what later
 * lines are checked against.
 */
export class HoldingReader {
  private rest = '';
  private mode: 'unknown' | 'lines' | 'whole' = 'unknown';
  private amount = new AmountOf(MOST_VALUES.whole);
  private line = 0;
  private ended = false;
  private readonly counts: Partial<Record<LineKind, number>> = {};
  /** Ids by what they are of. */
  private readonly seen = new Map<string, Set<string>>();
  private readonly revisions = new Map<string, number>();
  private readonly meters = new Map<string, number>();
  private readonly products: { readonly id: string }[] = [];

  /** @throws BorderError 400 or 422 with what is wrong, where */
  feed(text: string): readonly Thing[] {
    const things: Thing[] = [];
    let from = 0;
    while (from < text.length) {
      const stop = this.mode === 'whole' ? -1 : text.indexOf('\n', from);
      const part = text.slice(from, stop < 0 ? undefined : stop);
      this.amount.add(part);
      this.rest += part;
      if (this.rest.length > (this.mode === 'lines' ? LONGEST_LINE : LONGEST_WHOLE))
        refuse('too-large', this.at(), 'is longer than anything that a holding holds');
      if (stop < 0) return things;
      from = stop + 1;
      if (this.mode === 'unknown' && !this.begins(things)) this.rest += '\n';
      else if (this.mode === 'lines') this.finishLine(things);
    }
    return things;
  }

  /** @throws BorderError where the file was cut off */
  end(): readonly Thing[] {
    const things: Thing[] = [];
    if (this.mode === 'unknown') this.begins(things);
    if (this.mode === 'whole') return thingsOfWhole(parsed(this.rest, ''));
    if (this.rest !== '') this.finishLine(things);
    if (!this.ended)
      refuse('cut-off', '', 'was cut off: its last line is missing. Take it out again, or another copy.');
    return things;
  }

  private at(): string {
    return this.mode === 'lines' ? `/line ${this.line + 1}` : '';
  }

  /** Whether the first line is there and says that lines follow. A document of its own goes on until its end. */
  private begins(things: Thing[]): boolean {
    let first: unknown;
    try {
      first = JSON.parse(this.rest) as unknown;
    } catch {
      this.mode = 'whole';
      return false;
    }
    if (isWhole(first)) {
      this.mode = 'whole';
      return false;
    }
    this.mode = 'lines';
    const { formatVersion } = (first ?? {}) as { formatVersion?: unknown };
    if (typeof formatVersion === 'number' && formatVersion > FORMAT_VERSION)
      refuse('newer', '/formatVersion', 'is from a newer Aviarum; open it there');
    things.push({ kind: 'holding', name: right(headerSchema, first, '').name });
    this.next();
    return true;
  }

  private next() {
    this.line += 1;
    this.rest = '';
    this.amount = new AmountOf(MOST_VALUES.line);
  }

  private finishLine(things: Thing[]) {
    if (this.line === 0 || this.rest.trim() === '') return this.rest === '' ? undefined : this.next();
    if (this.ended) refuse('after-end', this.at(), 'stands after the last line');
    const document = parsed(this.rest, this.at());
    const kind = LINE_KINDS.find((k) => typeof document === 'object' && document !== null && k in document);
    if (kind) things.push(this.thing(kind, document));
    else this.finish(document);
    this.next();
  }

  private finish(document: unknown) {
    const { end } = right(endSchema, document, this.at());
    for (const kind of LINE_KINDS)
      if ((end[kind] ?? 0) !== (this.counts[kind] ?? 0))
        refuse(
          'cut-off',
          this.at(),
          `says ${end[kind] ?? 0} lines of “${kind}”, but ${this.counts[kind] ?? 0} are there`,
        );
    this.ended = true;
  }

  private thing(kind: LineKind, document: unknown): Thing {
    const at = this.at();
    const count = (this.counts[kind] = (this.counts[kind] ?? 0) + 1);
    const most = MOST[kind];
    if (most !== undefined && count > most)
      refuse('too-many', at, `is one too many: a holding has at most ${most}`);
    switch (kind) {
      case 'plan': {
        const { plan: given, card, ...rest } = right(LINES.plan, document, at);
        const plan = planAt(given, `${at}/plan`);
        this.once('plan', plan.id, `${at}/plan/id`);
        this.revisions.set(plan.id, 0);
        return {
          kind,
          id: plan.id,
          name: plan.name,
          document: JSON.stringify(plan),
          ...rest,
          card: card && JSON.stringify(card),
        };
      }
      case 'revision': {
        const { revision, saveNumber, savedAt } = right(LINES.revision, document, at);
        const plan = planAt(revision, `${at}/revision`);
        const many = this.revisions.get(plan.id);
        if (many === undefined)
          return refuse('no-plan', `${at}/revision/id`, 'is of a plan that does not stand above it');
        if (many >= LIMITS.revisions)
          return refuse('too-many', at, `is one too many: a plan has at most ${LIMITS.revisions}`);
        this.revisions.set(plan.id, many + 1);
        return { kind, plan: plan.id, name: plan.name, document: JSON.stringify(plan), saveNumber, savedAt };
      }
      case 'piece': {
        const { piece } = right(LINES.piece, document, at);
        this.once('piece', piece.id, `${at}/piece/id`);
        return { kind, piece };
      }
      case 'product': {
        const { product } = right(LINES.product, document, at);
        this.once('product', product.id, `${at}/product/id`);
        this.products.push({ id: product.id });
        return { kind, product };
      }
      case 'price': {
        const { price } = right(LINES.price, document, at);
        this.once('price', price.id, `${at}/price/id`);
        none(checkPrices([price], this.products, null), `${at}/price`);
        return { kind, price };
      }
      case 'yardList': {
        const { yardList } = right(LINES.yardList, document, at);
        this.once('yardList', yardList.yard, `${at}/yardList/yard`);
        return { kind, yardList };
      }
      case 'readings': {
        const { readings, meter, each } = right(LINES.readings, document, at);
        this.meter(meter, at, each === 'minute' ? readings.length : 0);
        return { kind, meter, each, readings };
      }
      case 'standIn': {
        const { standIn, ...rest } = right(LINES.standIn, document, at);
        this.once('standIn', rest.meter, `${at}/meter`);
        this.meter(rest.meter, at, 0);
        return { kind, setting: standIn, ...rest };
      }
    }
  }

  private once(what: string, id: string, at: string) {
    const ids = this.seen.get(what) ?? new Set();
    this.seen.set(what, ids);
    if (ids.has(id)) refuse('twice', at, `the id “${id}” is used twice`);
    ids.add(id);
  }

  private meter(meter: string, at: string, minutes: number) {
    const many = (this.meters.get(meter) ?? 0) + minutes;
    this.meters.set(meter, many);
    if (this.meters.size > LIMITS.meters)
      refuse('too-many', `${at}/meter`, `is one too many: a holding has at most ${LIMITS.meters} meters`);
    // A few more than are kept may be there between two trimmings.
    if (many > LIMITS.minutes * 1.2)
      refuse('too-many', at, `has more readings of a meter than the ${LIMITS.minutes} that are kept`);
  }
}
