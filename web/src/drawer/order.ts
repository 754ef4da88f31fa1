import type { ListedPlan } from '@aviarum/core';

/** Ways to put the drawer in order, each with what it is called. */
const TABLE = {
  saved: { name: 'last saved first', by: (a: ListedPlan, b: ListedPlan) => compare(b.savedAt, a.savedAt) },
  name: {
    name: 'by name',
    by: (a: ListedPlan, b: ListedPlan) => a.name.localeCompare(b.name, undefined, { numeric: true }),
  },
  area: {
    name: 'largest first',
    by: (a: ListedPlan, b: ListedPlan) => figure(b, 'area') - figure(a, 'area'),
  },
  price: {
    name: 'dearest first',
    by: (a: ListedPlan, b: ListedPlan) => figure(b, 'price') - figure(a, 'price'),
  },
  worst: {
    name: 'to mend first',
    by: (a: ListedPlan, b: ListedPlan) =>
      Number(isWorst(b)) - Number(isWorst(a)) || compare(b.savedAt, a.savedAt),
  },
} as const;

export type Order = keyof typeof TABLE;
export const ORDERS = (Object.keys(TABLE) as Order[]).map((value) => ({ value, label: TABLE[value].name }));

const compare = (a: string, b: string) => (a < b ? -1 : a > b ? 1 : 0);
/** What has no figure goes last. */
const figure = ({ card }: ListedPlan, name: 'area' | 'price'): number => card?.[name] ?? -1;
const isWorst = ({ card }: ListedPlan): boolean => card?.worst !== undefined;

/** The plans whose name or matter holds what is looked for, in order. */
export function inOrder(list: readonly ListedPlan[], order: Order, find: string): readonly ListedPlan[] {
  const words = find
    .toLocaleLowerCase()
    .split(/\s+/)
    .filter((w) => w !== '');
  return list
    .filter(({ name, card }) => {
      const text = `${name} ${card?.worst ?? ''}`.toLocaleLowerCase();
      return words.every((w) => text.includes(w));
    })
    .sort(TABLE[order].by);
}
