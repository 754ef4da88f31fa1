/* Puts the annotated example into docs/plan-format.md: the plan is a real one, the notes are set beside its fields. */
import { readFileSync, writeFileSync } from 'node:fs';
import { checkPlan } from '../src/index';
import { KIND_IDS } from '../src/stages/skirt/plan/kinds';
import { KINDS as OPENING_KINDS, KIND_IDS as OPENING_KIND_IDS } from '../src/stages/ways/plan/kinds';
import { aRun } from '../src/testing/aRun';

const NOTES: Readonly<Record<string, string>> = {
  '"units": "metric"': 'or "imperial": how it is shown; the file is always in metres',
  '"currency": "XXX"': 'ISO 4217; XXX is no currency',
  '"space": "usual"': 'snug, usual, roomy or free-range',
  '"soil": "loam"': 'sand, loam, clay or stony: stretches the hours of digging',
  '"kind": "building"': 'the run is closed by the house here',
  '"along"': 'to the near edge of the gate',
  '"north"': 'turn of true north from the y axis, clockwise, radians',
  '"spotHeights"': 'heights measured at places, above any level they share',
  '"hang": "by-mesh"': 'or follow, or step',
  '"load": "fence"': 'or cover, or roof',
  '"kind": "gate"': `or ${OPENING_KIND_IDS.filter((id) => id !== 'gate').join(', ')}`,
  '"gap"': 'left round the shut leaf',
  '"forward": true': 'from `from` to `to`',
  '"hanging": "continuous"': 'or "side-by-side", cut at each corner',
  '"widths": "cheapest"': 'or the roll widths, such as [0.9, 1.2]',
  '"kind": "apron"': `or ${KIND_IDS.filter((id) => id !== 'apron').join(', ')}`,
  '"boards"': 'a board or rail by its product along the foot and the top; null for none',
  '"overhang"': 'mesh folded outward at the top, m',
  '"make": "kit"': 'or "built"',
  '"height": null': 'of the leaf; null for the height of the wall',
  '"catches"': 'or "two-step"',
  '"crew"': 'or "two"',
  '"lapUp": 0.1': 'up the wall',
  '"spacing": 2.4': 'largest distance between posts',
  '"edition"': 'products and prices of this catalogue edition',
};

const plan = aRun({
  threats: { fox: 'seen', rat: 'likely' },
  flock: [{ id: 'f1', kind: 'hen-heavy', count: 12, keeping: 'confined' }],
});
if (!checkPlan(plan).ok) throw new Error('the example is not a valid plan');
const noted = new Set<string>();
const text = JSON.stringify(plan, null, 2)
  .replace(/\{\n\s+"x": (-?[\d.]+),\n\s+"y": (-?[\d.]+)\n\s+\}/g, '{ "x": $1, "y": $2 }')
  .split('\n')
  .map((line) => {
    const key = Object.keys(NOTES).find((k) => line.includes(k) && !noted.has(k));
    if (key === undefined) return line;
    noted.add(key);
    return `${line} // ${NOTES[key] ?? ''}`;
  })
  .join('\n');
const file = new URL('../../docs/plan-format.md', import.meta.url);
const page = readFileSync(file, 'utf8');
/** Where every opening lies is said once, above. */
const EVERYWHERE = ['id', 'kind', 'side', 'along'];
const openings = OPENING_KIND_IDS.map((id) => {
  const { name, schema } = OPENING_KINDS[id];
  const fields = Object.keys(schema.shape).filter((field) => !EVERYWHERE.includes(field));
  return `- \`${id}\`, a ${name}: ${fields.map((field) => `\`${field}\``).join(', ')}`;
}).join('\n');
writeFileSync(
  file,
  page
    .replace(/```jsonc\n[\s\S]*?\n```/, () => `\`\`\`jsonc\n${text}\n\`\`\``)
    .replace(
      /<!-- openings -->\n[\s\S]*?<!-- end -->/,
      () => `<!-- openings -->\n\n${openings}\n\n<!-- end -->`,
    ),
);
