import type { OptionGroup } from '@aviarum/core';
import { type ReactNode, useState } from 'react';
import { useMarket } from '../state/reckoningStore';
import { MeshSwatch } from '../strip/meshPattern';
import { EffectOptions } from './EffectOptions';

interface Props {
  readonly groups: readonly OptionGroup[];
  /** Groups that stand open from the start, by id. */
  readonly open?: readonly string[];
  /** What is said above the options of a group, by its id. */
  readonly above?: Readonly<Record<string, ReactNode>>;
}

/** The questions of a stage, each with its answer; opened, the other answers with their effects. */
export function OptionGroups({ groups, open = [], above = {} }: Props) {
  return groups.map((group) => (
    <Group key={group.id} group={group} begins={open.includes(group.id)} above={above[group.id]} />
  ));
}

function Group({ group, begins, above }: { group: OptionGroup; begins: boolean; above: ReactNode }) {
  const market = useMarket();
  const [open, setOpen] = useState(begins);
  const chosen = group.options.find((o) => o.chosen === 'yes');
  if (!market) return null;
  return (
    <section className="question">
      <button type="button" className="questionhead" aria-expanded={open} onClick={() => setOpen(!open)}>
        <span>{group.name}</span>
        <b>{open ? '' : (chosen?.title ?? 'not among these')}</b>
      </button>
      {open && above}
      {open && (
        <EffectOptions
          name={group.name}
          hideName
          options={group.options.map(({ mesh, ...option }) =>
            mesh === undefined ? option : { ...option, picture: <MeshSwatch mesh={market.mesh(mesh)} /> },
          )}
        />
      )}
    </section>
  );
}
