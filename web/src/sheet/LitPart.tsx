import type { SheetScene } from '@aviarum/core';
import { useHover } from '../state/selection';

/** A ring round the post that the pointer is on in the strip. */
export function LitPart({ scene, scale }: { scene: SheetScene; scale: number }) {
  const lit = useHover((s) => s.part);
  const post = scene.layers.post.find(
    (p): p is Extract<typeof p, { shape: 'square' }> => p.shape === 'square' && p.part === lit,
  );
  return post ? <circle className="d-litpart" cx={post.at.x * scale} cy={-post.at.y * scale} r="11" /> : null;
}
