/** The version of the plan document that this program writes: raised with each stage that is added, so that an older one can say what it cannot read. */
export const PLAN_VERSION = 5;

type Document = Readonly<Record<string, unknown>>;

/** What brings a document of a version to the next: fields that came into being are filled in by the schema. */
const MIGRATIONS: Readonly<Record<number, (document: Document) => Document>> = {
  // Covers came.
  1: (document) => ({ ...document, formatVersion: 2 }),
  // Arches came.
  2: (document) => ({ ...document, formatVersion: 3 }),
  // Live nets, hot wires, and things on the ground that are jumped from came.
  3: (document) => ({ ...document, formatVersion: 4 }),
  // Fences that stand already came.
  4: (document) => ({ ...document, formatVersion: 5 }),
};

const versionOf = (document: unknown): unknown =>
  typeof document === 'object' && document !== null && Object.hasOwn(document, 'formatVersion')
    ? (document as Document).formatVersion
    : undefined;

/** Whether a newer program wrote it. */
export const isNewer = (document: unknown): boolean => {
  const version = versionOf(document);
  return typeof version === 'number' && Number.isInteger(version) && version > PLAN_VERSION;
};

/** A document brought to this version, one version after the other; as it is where its version is none that is known. */
export function brought(document: unknown): unknown {
  const version = versionOf(document);
  const migrate = typeof version === 'number' ? MIGRATIONS[version] : undefined;
  return migrate ? brought(migrate(document as Document)) : document;
}
