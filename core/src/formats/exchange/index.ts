/** Files from elsewhere and for elsewhere: loaded when they are asked for. */
export { exportAs, isExport } from './export';
export { EXPORT_KINDS, type ExportKind } from './kinds';
export { PAPERS, type PaperName, SCALES, fitPaper } from './paper';
export { type Placed, placePart } from './place';
export { type LonLat, projectionAt } from './projection';
export { LARGEST_FILE, readTracks } from './read';
export { type Thinned, thinTrack } from './thin';
export { FILE_PROBLEMS, type FileProblem, type Reading, type TrackPart, UnreadableFile } from './tracks';
export { STROLL, type Walk, practiceWalk, walkRound } from './walker';
export { writeGeoJson } from './writeGeoJson';
export { writeMarks } from './writeMarks';
export { type SvgOptions, writeSectionSvg, writeSvg } from './writeSvg';
