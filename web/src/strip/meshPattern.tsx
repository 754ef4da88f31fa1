import { MESH_TYPES, type MeshProduct } from '@aviarum/core';

/** Least and most pitch of a mesh on screen, px: its opening keeps its true shape between them. */
const LEAST = 3;
const MOST = 12;

/** Opening on screen: true proportions at a pitch that the eye can tell apart. */
export function meshPitch(
  mesh: Pick<MeshProduct, 'opening'>,
  pxPerMetre: number,
): { readonly wide: number; readonly high: number } {
  const { up, along } = mesh.opening;
  // What is closed has no opening: it is hatched.
  const small = Math.min(up, along) || 0.03;
  const pitch = Math.max(LEAST, Math.min(MOST, small * pxPerMetre));
  const high = Math.min(MOST * 2, (up > 0 ? up / small : 1) * pitch);
  return { wide: (along > 0 ? along / small : 1) * pitch, high };
}

export function MeshPattern({ id, mesh, pxPerMetre }: { id: string; mesh: MeshProduct; pxPerMetre: number }) {
  const { wide, high } = meshPitch(mesh, pxPerMetre);
  const weight = Math.max(0.5, Math.min(1.2, mesh.wire * 500));
  const path = {
    hexagons: `M0 ${high / 2}L${wide * 0.3} 0H${wide * 0.7}L${wide} ${high / 2}L${wide * 0.7} ${high}H${wide * 0.3}Z`,
    diamonds: `M0 ${high / 2}L${wide / 2} 0L${wide} ${high / 2}L${wide / 2} ${high}Z`,
    squares: `M0 0H${wide}M0 0V${high}`,
    closed: `M0 ${high}L${wide} 0`,
  }[MESH_TYPES[mesh.type].weave];
  return (
    <pattern id={id} width={wide} height={high} patternUnits="userSpaceOnUse">
      <path className="mesh-stroke" strokeWidth={weight} opacity="0.72" d={path} />
    </pattern>
  );
}

/** A small picture of a mesh for lists. */
export function MeshSwatch({ mesh }: { mesh: MeshProduct }) {
  const id = `swatch-${mesh.id}`;
  return (
    <svg width="46" height="30" aria-hidden="true">
      <defs>
        <MeshPattern id={id} mesh={mesh} pxPerMetre={200} />
      </defs>
      <rect width="45" height="29" x="0.5" y="0.5" fill={`url(#${id})`} stroke="var(--ink)" />
    </svg>
  );
}
