import { type Change, printNumber } from '@aviarum/core';
import { type ReactNode, useId } from 'react';
import { usePlan } from '../state/planStore';
import { useEffects, useReader } from '../state/reckoningStore';

export interface EffectOption {
  readonly key: string;
  readonly title: string;
  readonly note: string;
  readonly picture?: ReactNode;
  readonly chosen: 'yes' | 'no';
  readonly change: Change;
}

const signed = (text: string, value: number) => (value > 0 ? `+${text}` : text);

/** Options with what each would do to price and hours, before it is chosen; the chosen one says so. */
export function EffectOptions({
  name,
  options,
  words,
}: {
  name: string;
  options: readonly EffectOption[];
  words: (o: EffectOption) => string;
}) {
  const group = useId();
  const reader = useReader();
  const take = usePlan((s) => s.take);
  const effects = useEffects(options.map((o) => o.change));
  return (
    <div role="radiogroup" aria-label={name}>
      <div className="optionhead" aria-hidden="true">
        <span>{name}</span>
        <span>price</span>
        <span>hours</span>
      </div>
      <div className="options">
        {options.map((option, i) => {
          const effect = effects[i];
          const chosen = option.chosen === 'yes';
          return (
            <label className={option.picture ? 'option' : 'option plain'} key={option.key}>
              <input
                type="radio"
                name={group}
                checked={chosen}
                onChange={() => take(option.change, words(option))}
                aria-label={`${option.title}, ${option.note}`}
              />
              {option.picture && <span aria-hidden="true">{option.picture}</span>}
              <span>
                <span className="title">{option.title}</span>
                <br />
                <span className="note">{option.note}</span>
              </span>
              {chosen ? (
                <span className="effect" style={{ gridColumn: 'span 2' }}>
                  chosen
                </span>
              ) : (
                <>
                  <span className="effect">
                    {effect
                      ? effect.price === null
                        ? 'no price'
                        : signed(reader.money(effect.price), effect.price)
                      : '…'}
                  </span>
                  <span className="effect">
                    {effect ? signed(printNumber(effect.hours, 1), effect.hours) : '…'}
                  </span>
                </>
              )}
            </label>
          );
        })}
      </div>
    </div>
  );
}
