import { type Change, type Effect, type Reader, inUnits, printNumber } from '@aviarum/core';
import { type ReactNode, useId } from 'react';
import { usePlan } from '../state/planStore';
import { useEffects, useReader } from '../state/reckoningStore';
import { signed } from './effectWords';

export interface EffectOption {
  readonly key: string;
  readonly title: string;
  readonly note: string;
  readonly picture?: ReactNode;
  readonly chosen: boolean;
  readonly change: Change;
}

interface Props {
  readonly name: string;
  /** The name stands elsewhere: it is only told to assistive technology. */
  readonly hideName?: true;
  readonly options: readonly EffectOption[];
  /** What those not chosen would do, in their order, where whoever asks has it already. */
  readonly effects?: readonly Effect[];
}

const NO_CHANGES: never[] = [];

/** What an option does to price, hours and largest opening; nothing where it changes nothing. */
function cells(effect: Effect | undefined, reader: Reader): readonly [string, string, string] {
  if (!effect) return ['…', '…', '…'];
  const { price, hours, opening } = effect;
  const small = Math.abs(opening) < 0.0005;
  return [
    price === null ? 'no price' : price === 0 ? '0' : signed(reader.money(price), price),
    Math.abs(hours) < 0.05 ? '0' : signed(printNumber(hours, 1), hours),
    small ? '0' : `${opening > 0 ? '+' : '−'}${reader.opening(Math.abs(opening))}`,
  ];
}

/** Options with what each would do to price, hours and the largest opening, before it is chosen; the chosen one says so. */
export function EffectOptions({ name, hideName, options, effects: known }: Props) {
  const group = useId();
  const reader = useReader();
  const take = usePlan((s) => s.take);
  // What is chosen has no effect to be worked out.
  const others = options.filter((o) => !o.chosen);
  const asked = useEffects(known ? NO_CHANGES : others.map((o) => o.change));
  const effects = known ?? asked;
  const inReadersUnits = (text: string) => inUnits(text, reader.system);
  return (
    <div role="radiogroup" aria-label={name}>
      <div className="optionhead" aria-hidden="true">
        <span>{hideName ? '' : name}</span>
        <span>price</span>
        <span>hours</span>
        <span>opening</span>
      </div>
      <div className="options">
        {options.map((option) => (
          <label className={option.picture ? 'option pictured' : 'option'} key={option.key}>
            <input
              type="radio"
              name={group}
              checked={option.chosen}
              onChange={() => take(option.change)}
              aria-label={inReadersUnits(
                option.note === '' ? option.title : `${option.title}, ${option.note}`,
              )}
            />
            {option.picture && (
              <span className="picture" aria-hidden="true">
                {option.picture}
              </span>
            )}
            <span className="title">{inReadersUnits(option.title)}</span>
            <span className="note">{inReadersUnits(option.note)}</span>
            {option.chosen ? (
              <span className="effect chosen">chosen</span>
            ) : (
              cells(effects[others.indexOf(option)], reader).map((text, k) => (
                <span className="effect" key={k} data-none={text === '0' ? 'yes' : 'no'}>
                  {text}
                </span>
              ))
            )}
          </label>
        ))}
      </div>
    </div>
  );
}
