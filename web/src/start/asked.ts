import {
  ASKS,
  type AskId,
  type BirdKind,
  type Flock,
  type Plan,
  STARTS,
  START_IDS,
  type Sizes,
  type StartId,
  START_BIRDS,
  parseLength,
  printLength,
  propose,
} from '@aviarum/core';

/** What the first page asks, as it is typed. */
export interface Asked {
  readonly start: StartId;
  readonly name: string;
  readonly kind: BirdKind;
  readonly count: string;
  readonly units: Plan['units'];
  readonly sizes: Readonly<Partial<Record<AskId, string>>>;
}

export const FIRST_ASKED: Asked = {
  start: 'house',
  name: '',
  kind: 'hen-heavy',
  count: '6',
  units: 'metric',
  sizes: {},
};

export type Field = 'count' | AskId;
export type Wrong = Readonly<Partial<Record<Field, string>>>;

const MOST_BIRDS = 100_000;
const bare = (text: string) => text.trim();

/** Lengths of this start that were typed, and what is wrong with the others; an empty field is proposed. */
function sizesOf({ start, units, sizes }: Asked): { readonly sizes: Sizes; readonly wrong: Wrong } {
  const given: Partial<Record<AskId, number>> = {};
  const wrong: Partial<Record<Field, string>> = {};
  for (const id of STARTS[start].asks) {
    const text = bare(sizes[id] ?? '');
    if (text === '') continue;
    const { least, most } = ASKS[id];
    const read = parseLength(text, units);
    if (read.ok && read.value >= least && read.value <= most) given[id] = read.value;
    else {
      const such = units === 'metric' ? '2.40 or 240 cm' : '8 or 7′ 10″';
      wrong[id] = `Such as ${such}, between ${printLength(least, units)} and ${printLength(most, units)}.`;
    }
  }
  return { sizes: given, wrong };
}

export interface Answer {
  /** Null while a field is wrong. */
  readonly plan: Plan | null;
  readonly wrong: Wrong;
}

/** The plan that the fields ask for, or which of them are wrong and what belongs there. */
export function answerOf(asked: Asked, id: string): Answer {
  const { start, name, kind, units } = asked;
  const birds = bare(asked.count) === '' ? 0 : Number(asked.count);
  const { sizes, wrong } = sizesOf(asked);
  const counted = Number.isInteger(birds) && birds >= 0 && birds <= MOST_BIRDS;
  const all: Wrong = counted ? wrong : { ...wrong, count: 'A whole number, or nothing if you do not know.' };
  if (Object.keys(all).length > 0) return { plan: null, wrong: all };
  const flock: Flock[] = birds > 0 ? [{ id: 'f1', kind, count: birds, keeping: 'confined' }] : [];
  const called = bare(name) === '' ? 'New run' : bare(name);
  return { plan: propose({ id, name: called, units, flock, start, sizes }), wrong: all };
}

const isText = (value: unknown): value is string => typeof value === 'string' && value.length < 200;

/** What was kept of an earlier visit, as far as it still means something. */
export function readAsked(kept: unknown): Asked {
  const given = (typeof kept === 'object' && kept !== null ? kept : {}) as Partial<
    Record<keyof Asked, unknown>
  >;
  const sizes = (typeof given.sizes === 'object' && given.sizes !== null ? given.sizes : {}) as Record<
    string,
    unknown
  >;
  return {
    start: START_IDS.find((id) => id === given.start) ?? FIRST_ASKED.start,
    name: isText(given.name) ? given.name : FIRST_ASKED.name,
    kind: START_BIRDS.find((k) => k === given.kind) ?? FIRST_ASKED.kind,
    count: isText(given.count) ? given.count : FIRST_ASKED.count,
    units: given.units === 'imperial' ? 'imperial' : 'metric',
    sizes: Object.fromEntries(
      (Object.keys(ASKS) as AskId[]).flatMap((id) => {
        const text = sizes[id];
        return isText(text) ? [[id, text]] : [];
      }),
    ),
  };
}
