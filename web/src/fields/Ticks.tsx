interface Ticked {
  readonly id: string;
  readonly name: string;
}

/** Some of several things, each ticked or not. */
export function Ticks<T extends string>({
  name,
  options,
  ticked,
  least = 0,
  onTick,
}: {
  name: string;
  options: readonly (Ticked & { readonly id: T })[];
  ticked: readonly T[];
  /** So many stay ticked. */
  least?: number;
  onTick: (ticked: T[]) => void;
}) {
  return (
    <fieldset className="tickset">
      <legend className="name">{name}</legend>
      {options.map((option) => {
        const on = ticked.includes(option.id);
        return (
          <label key={option.id}>
            <input
              type="checkbox"
              className="checkbox"
              checked={on}
              disabled={on && ticked.length <= least}
              onChange={() => onTick(on ? ticked.filter((id) => id !== option.id) : [...ticked, option.id])}
            />
            {option.name}
          </label>
        );
      })}
    </fieldset>
  );
}
