import { Trash2 } from 'lucide-react';
import { PlanLength } from '../fields/PlanLength';
import { MoneyField } from '../fields/MoneyField';

/** A roll of the keeper's own product as it is sold: m, and minor units; null where not given yet. */
export interface OwnRoll {
  readonly width: number | null;
  readonly length: number | null;
  readonly price: number | null;
}

export const NO_ROLL: OwnRoll = { width: null, length: null, price: null };

type Given = { readonly [K in keyof OwnRoll]: number };

const isGiven = (roll: OwnRoll): roll is Given =>
  roll.width !== null && roll.length !== null && roll.price !== null;

/** Rolls with all that is needed to buy them; otherwise what is still wrong, in a sentence. */
export function checkRolls(rolls: readonly OwnRoll[]): readonly Given[] | string {
  const given = rolls.filter(isGiven);
  const open = rolls.findIndex((roll) => !isGiven(roll));
  if (open >= 0) return `Give width, length and price of roll ${open + 1}.`;
  const sizes = given.map((r) => `${r.width} ${r.length}`);
  const twice = sizes.findIndex((size, i) => sizes.indexOf(size) !== i);
  if (twice >= 0)
    return `Roll ${twice + 1} is of the same size as roll ${sizes.indexOf(sizes[twice] ?? '') + 1}.`;
  return given;
}

interface Props {
  readonly rolls: readonly OwnRoll[];
  readonly onChange: (rolls: readonly OwnRoll[]) => void;
}

/** Every width and length in which it is sold, with its price. */
export function OwnRolls({ rolls, onChange }: Props) {
  const set = (index: number, to: Partial<OwnRoll>) =>
    onChange(rolls.map((roll, i) => (i === index ? { ...roll, ...to } : roll)));
  const last = rolls[rolls.length - 1] ?? NO_ROLL;
  return (
    <>
      <table className="stocktable ownrolls">
        <thead>
          <tr>
            <th scope="col">roll width</th>
            <th scope="col">length</th>
            <th scope="col">price</th>
            <th scope="col">
              <span className="sr-only">take out</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {rolls.map((roll, i) => (
            <tr key={i}>
              <td>
                <PlanLength
                  of="buying.ownProducts.widths"
                  name={`Width of roll ${i + 1}`}
                  hideName
                  value={roll.width}
                  onCommit={(width) => set(i, { width })}
                />
              </td>
              <td>
                <PlanLength
                  of="buying.ownProducts.lengths"
                  name={`Length of roll ${i + 1}`}
                  hideName
                  value={roll.length}
                  onCommit={(length) => set(i, { length })}
                />
              </td>
              <td>
                <MoneyField
                  name={`Price of roll ${i + 1}`}
                  hideName
                  value={roll.price}
                  onCommit={(price) => set(i, { price })}
                />
              </td>
              <td>
                {rolls.length > 1 && (
                  <button
                    type="button"
                    className="btn iconbtn"
                    aria-label={`Remove roll ${i + 1}`}
                    onClick={() => onChange(rolls.filter((_, k) => k !== i))}
                  >
                    <Trash2 size={18} aria-hidden />
                  </button>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <button
        type="button"
        className="btn"
        onClick={() => onChange([...rolls, { ...NO_ROLL, width: last.width }])}
      >
        Another width or length
      </button>
    </>
  );
}
