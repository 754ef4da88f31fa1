import { type Building, ROOFS, ROOF_KIND_IDS, ROOF_SHAPE_IDS, type Roof, USUAL_ROOF } from '@aviarum/core';
import { Choice, Pick } from '../../fields/Choice';
import { LengthField } from '../../fields/LengthField';
import { useReader } from '../../state/reckoningStore';
import { useSetOnGround } from './useSetOnGround';

const STANDS: readonly { readonly value: Building['stands']; readonly label: string }[] = [
  { value: 'walls', label: 'walls' },
  { value: 'posts', label: 'posts: a roof alone' },
];
const KINDS = ROOF_KIND_IDS.map((value) => ({ value, label: ROOFS[value].name }));
const SHAPES = ROOF_SHAPE_IDS.map((value) => ({
  value,
  label: { flat: 'level', 'one-way': 'to one side', gable: 'both ways from a ridge' }[value],
}));

/** How a roof that stands on posts lies, and where its posts are. */
function AsItLies({ building, roof }: { building: Building; roof: Roof }) {
  const put = useSetOnGround('buildings', building.id);
  const reader = useReader();
  const { outline } = building;
  const set = (to: Partial<Roof>) => put({ roof: { ...roof, ...to } });
  const edges = outline.map((p, i) => {
    const q = outline[(i + 1) % outline.length] ?? p;
    const length = reader.length(Math.hypot(q.x - p.x, q.y - p.y));
    return { value: String(i), label: `edge ${i + 1}, ${length}` };
  });
  return (
    <>
      <Pick name="Its roof is of" value={roof.kind} options={KINDS} onChoose={(kind) => set({ kind })} />
      <Choice name="It falls" value={roof.shape} options={SHAPES} onChoose={(shape) => set({ shape })} />
      {roof.shape !== 'flat' && (
        <Pick
          name={roof.shape === 'gable' ? 'One of its eaves' : 'Its low edge'}
          value={String(roof.low % outline.length)}
          options={edges}
          onChoose={(edge) => set({ low: Number(edge) })}
        />
      )}
      <div className="fields">
        <LengthField
          name="From post to post (blank: pinned one by one)"
          value={roof.spacing}
          least={0.3}
          most={6}
          onCommit={(spacing) => set({ spacing })}
          onClear={() => set({ spacing: null })}
        />
      </div>
      <p className="small soft">
        Eaves are the height under its low edge, the ridge that under its highest. Its posts stand: none is
        bought, braced or clipped. Walls under it go up to it, cut to its fall.
      </p>
    </>
  );
}

/** What a building stands on; of a roof on posts, how it lies. */
export function RoofFields({ building }: { building: Building }) {
  const put = useSetOnGround('buildings', building.id);
  const { stands, roof } = building;
  return (
    <>
      <Choice
        name="Stands on"
        value={stands}
        options={STANDS}
        onChoose={(to) => put({ stands: to, ...(to === 'posts' && !roof && { roof: USUAL_ROOF }) })}
      />
      {stands === 'posts' && roof && <AsItLies building={building} roof={roof} />}
      {stands === 'posts' && !roof && (
        <div className="mends">
          <button type="button" className="btn" onClick={() => put({ roof: USUAL_ROOF })}>
            Say how the roof lies
          </button>
        </div>
      )}
    </>
  );
}
