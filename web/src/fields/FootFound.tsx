import { Choice } from './Choice';
import { LengthField } from './LengthField';

/** How far mesh lies out and how deep it goes, m; a depth that nobody knows is null. */
interface Foot {
  readonly out: number;
  readonly depth: number | null;
}

const FEET: readonly { readonly value: 'none' | 'some'; readonly label: string }[] = [
  { value: 'none', label: 'nothing' },
  { value: 'some', label: 'mesh' },
];

interface Props {
  readonly foot: Foot | null;
  readonly onFoot: (foot: Foot | null) => void;
}

/** What closes the foot of a fence or a house already, as far as anybody knows. */
export function FootFound({ foot, onFoot }: Props) {
  return (
    <>
      <Choice
        name="At its foot now"
        value={foot ? 'some' : 'none'}
        options={FEET}
        onChoose={(to) => onFoot(to === 'none' ? null : { out: 0, depth: null })}
      />
      {foot && (
        <div className="fields">
          <LengthField
            name="Lies out on the ground"
            value={foot.out}
            least={0}
            most={3}
            onCommit={(out) => onFoot({ ...foot, out })}
          />
          <LengthField
            name="Goes down (blank: not known)"
            value={foot.depth}
            least={0}
            most={2}
            onCommit={(depth) => onFoot({ ...foot, depth })}
            onClear={() => onFoot({ ...foot, depth: null })}
          />
        </div>
      )}
    </>
  );
}
