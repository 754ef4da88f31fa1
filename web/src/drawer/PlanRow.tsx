import {
  LENGTHS,
  type ListedPlan,
  areaText,
  cutText,
  lengthText,
  moneyPrinter,
  aboutLength,
} from '@aviarum/core';
import { useState } from 'react';
import { Link } from '../pages/Link';
import { MiniSheet } from './MiniSheet';
import { dayAndTime, shortDay } from '../fields/dates';

export interface RowActs {
  readonly rename: (plan: ListedPlan, name: string) => void;
  readonly note: (plan: ListedPlan, note: string) => void;
  readonly copy: (plan: ListedPlan) => void;
  readonly remove: (plan: ListedPlan) => void;
  readonly compare: (plan: ListedPlan) => void;
}

function Act({ word, about, onPress }: { word: string; about: string; onPress: () => void }) {
  return (
    <button type="button" className="wordbtn" aria-label={`${word} ${about}`} onClick={onPress}>
      {word}
    </button>
  );
}

/** A line typed in place of what it names; an empty name leaves the old one. */
function Typed({
  name,
  begins,
  most,
  onCommit,
}: {
  name: string;
  begins: string;
  most: number;
  onCommit: (text: string | null) => void;
}) {
  const [text, setText] = useState(begins);
  return (
    <input
      className="input"
      aria-label={name}
      autoFocus
      value={text}
      onChange={(e) => setText(cutText(e.target.value, most))}
      onBlur={() => onCommit(text.trim())}
      onKeyDown={(e) => {
        if (e.key === 'Enter') e.currentTarget.blur();
        if (e.key === 'Escape') onCommit(null);
      }}
    />
  );
}

function Figures({ plan }: { plan: ListedPlan }) {
  const { card } = plan;
  if (!card) return <span className="rowfigures soft small">being worked out …</span>;
  const units = card.units ?? 'metric';
  const area = areaText(card.area, units);
  const fence = lengthText(aboutLength(card.fence, units), units);
  return (
    <span className="rowfigures">
      <span>
        <b>{area.figure}</b>
        <span className="unit">{area.unit}</span>
      </span>
      <span>
        <b>{fence.figure}</b>
        <span className="unit">{fence.unit}</span> <span className="soft small headless">fence</span>
      </span>
      <span>
        <b>{card.price === null ? 'no price' : moneyPrinter(card.currency)(card.price)}</b>
        <span className="soft small rowdate">prices of {shortDay(card.asOf)}</span>
      </span>
    </span>
  );
}

interface Props {
  readonly holding: string;
  readonly plan: ListedPlan;
  readonly compared: boolean;
  readonly acts: RowActs;
}

/** One plan of the drawer: its sheet, its figures, what needs a look, and what can be done with it. */
export function PlanRow({ holding, plan, compared, acts }: Props) {
  const [typing, setTyping] = useState<'name' | 'note' | null>(null);
  const { name, card } = plan;
  const note = card?.note ?? '';
  return (
    <>
      <label className="rowcompare">
        <input
          type="checkbox"
          className="checkbox"
          checked={compared}
          aria-label={`Compare ${name}`}
          onChange={() => acts.compare(plan)}
        />
      </label>
      <MiniSheet card={card} />
      <div className="rowname">
        {typing === 'name' ? (
          <Typed
            name={`New name of ${name}`}
            begins={name}
            most={LENGTHS.name}
            onCommit={(text) => {
              setTyping(null);
              if (text !== null && text !== '' && text !== name) acts.rename(plan, text);
            }}
          />
        ) : (
          <Link to={`/h/${holding}/p/${plan.id}`}>{name}</Link>
        )}
        {typing === 'note' ? (
          <Typed
            name={`Note on ${name}`}
            begins={note}
            most={LENGTHS.note}
            onCommit={(text) => {
              setTyping(null);
              if (text !== null && text !== note) acts.note(plan, text);
            }}
          />
        ) : (
          note !== '' && <span className="rownote">{note}</span>
        )}
        {card?.worst !== undefined && <span className="rowworst">▲ {card.worst}</span>}
        <span className="soft small">saved {dayAndTime(plan.savedAt)}</span>
      </div>
      <Figures plan={plan} />
      <span className="rowacts">
        <Act word="Rename" about={name} onPress={() => setTyping('name')} />
        <Act word="Note" about={`on ${name}`} onPress={() => setTyping('note')} />
        <Act word="Copy" about={name} onPress={() => acts.copy(plan)} />
        <Act word="Delete" about={name} onPress={() => acts.remove(plan)} />
      </span>
    </>
  );
}
