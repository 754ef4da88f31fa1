/** A kind of file that a plan leaves as, besides its own. */
export interface ExportRow {
  /** As its button calls it. */
  readonly label: string;
  /** Put after the plan's name. */
  readonly ending: string;
  /** As it is named to a browser. */
  readonly type: string;
}

/** Every kind, in the order in which it is offered; what writes each is in `export.ts`. */
export const EXPORTS = {
  geojson: { label: 'GeoJSON', ending: '.geojson', type: 'application/geo+json' },
  'geojson-local': {
    label: 'GeoJSON on the sheet’s own grid',
    ending: '-metres.geojson',
    type: 'application/json',
  },
  gpx: { label: 'GPX of the stakes', ending: '.gpx', type: 'application/gpx+xml' },
  dxf: { label: 'DXF', ending: '.dxf', type: 'image/vnd.dxf' },
  svg: { label: 'SVG to scale', ending: '.svg', type: 'image/svg+xml' },
  'section-svg': { label: 'Section as SVG', ending: '-section.svg', type: 'image/svg+xml' },
  'section-dxf': { label: 'Section as DXF', ending: '-section.dxf', type: 'image/vnd.dxf' },
  csv: { label: 'Marks as CSV', ending: '-marks.csv', type: 'text/csv' },
} as const satisfies Readonly<Record<string, ExportRow>>;
export type ExportKind = keyof typeof EXPORTS;
export const EXPORT_KINDS = Object.keys(EXPORTS) as readonly ExportKind[];
