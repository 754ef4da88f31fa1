import type { Plan } from '../../plan/schema';
import { reckon } from '../../reckon';
import type { Part } from '../../reckoning';
import { EXPORT_KINDS, type ExportKind } from './kinds';
import { writeDxf, writeSectionDxf } from './writeDxf';
import { writeGeoJson } from './writeGeoJson';
import { writeGpx } from './writeGpx';
import { writeMarks } from './writeMarks';
import { writeSectionSvg, writeSvg } from './writeSvg';

export const isExport = (text: string | undefined): text is ExportKind =>
  EXPORT_KINDS.some((kind) => kind === text);

const WRITERS: Readonly<Record<ExportKind, (plan: Plan, parts: readonly Part[]) => string>> = {
  geojson: (plan, parts) => writeGeoJson(plan, parts, 'wgs84'),
  'geojson-local': (plan, parts) => writeGeoJson(plan, parts, 'local'),
  gpx: writeGpx,
  dxf: writeDxf,
  svg: (plan, parts) => writeSvg(plan, parts),
  'section-svg': (plan, parts) => writeSectionSvg(plan, parts),
  'section-dxf': writeSectionDxf,
  csv: (plan, parts) => writeMarks(plan, parts),
};

/** A plan as a file of another kind. */
export const exportAs = (kind: ExportKind, plan: Plan, parts: readonly Part[] = reckon(plan).parts): string =>
  WRITERS[kind](plan, parts);
