import { type Figures, type SheetScene, areaText, counted, roomiest, formatPart } from '@aviarum/core';
import { useReader, useReckoning } from '../state/reckoningStore';

interface Props {
  readonly scene: SheetScene;
  readonly enclosures: readonly { readonly id: string; readonly name: string; readonly figures: Figures }[];
  readonly scale: number;
}

/** Least width of a run that its words are written in, px. */
const LEAST = 110;

/** Area of each run in its middle; its name where there are several, its birds where there is one. */
export function AreaWords({ scene, enclosures, scale }: Props) {
  const reader = useReader();
  const total = useReckoning((s) => s.reckoning?.figures);
  return (
    <g pointerEvents="none">
      {scene.layers.run.map((run) => {
        const figures = enclosures.find((e) => run.part === formatPart({ on: 'enclosure', enclosure: e.id }));
        if (run.shape !== 'polygon' || !figures || !total) return null;
        const at = roomiest(run.points);
        const xs = run.points.map((p) => p.x);
        if ((Math.max(...xs) - Math.min(...xs)) * scale < LEAST) return null;
        const { figure, unit } = areaText(figures.figures.area ?? 0, reader.system);
        const each = total.areaPerBird === undefined ? undefined : areaText(total.areaPerBird, reader.system);
        const birds = total.birds ?? 0;
        const note =
          enclosures.length > 1
            ? figures.name
            : each
              ? `${counted(birds, 'bird')}, ${each.figure} ${each.unit} each`
              : '';
        return (
          <g key={run.part} transform={`translate(${at.x * scale} ${-at.y * scale})`}>
            <text className="d-area" textAnchor="middle" y="2">
              {figure} {unit}
            </text>
            <text className="d-area-note" textAnchor="middle" y="20">
              {note.length * 6.6 < (Math.max(...xs) - Math.min(...xs)) * scale ? note : ''}
            </text>
          </g>
        );
      })}
    </g>
  );
}
