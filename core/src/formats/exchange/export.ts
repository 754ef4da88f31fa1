import type { Plan } from '../../plan/schema';
import { reckon } from '../../reckon';
import type { Part } from '../../reckoning';
import { writeDxf } from './writeDxf';
import { writeGeoJson } from './writeGeoJson';
import { writeGpx } from './writeGpx';
import { writeMarks } from './writeMarks';
import { writeSvg } from './writeSvg';

export const EXPORTS = ['geojson', 'geojson-local', 'gpx', 'dxf', 'svg', 'csv'] as const;
export type ExportKind = (typeof EXPORTS)[number];
export const isExport = (text: string | undefined): text is ExportKind => EXPORTS.some((e) => e === text);

const WRITERS: Readonly<Record<ExportKind, (plan: Plan, parts: readonly Part[]) => string>> = {
  geojson: (plan, parts) => writeGeoJson(plan, parts, 'wgs84'),
  'geojson-local': (plan, parts) => writeGeoJson(plan, parts, 'local'),
  gpx: writeGpx,
  dxf: writeDxf,
  svg: (plan, parts) => writeSvg(plan, parts),
  csv: (plan, parts) => writeMarks(plan, parts),
};

export const EXPORT_TYPES: Readonly<Record<ExportKind, string>> = {
  geojson: 'application/geo+json',
  'geojson-local': 'application/json',
  gpx: 'application/gpx+xml',
  dxf: 'image/vnd.dxf',
  svg: 'image/svg+xml',
  csv: 'text/csv',
};

/** A plan as a file of another kind. */
export const exportAs = (kind: ExportKind, plan: Plan, parts: readonly Part[] = reckon(plan).parts): string =>
  WRITERS[kind](plan, parts);
