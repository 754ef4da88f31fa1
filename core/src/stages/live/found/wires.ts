import type { Change } from '../../../plan/changes/types';
import { type Finding, finding } from '../../../findings/types';
import type { HotWire } from '../plan/choice';
import type { Wired } from '../wires/wires';

/** Where a nose meets it, and where whatever climbs does, m over the ground (rules: Hot wires). */
export const NOSE = { least: 0.15, most: 0.25 } as const;
const CLIMB = 0.6;

const setWire = (id: string, to: Partial<Omit<HotWire, 'id'>>): Change => ({ verb: 'set-hot-wire', id, to });

/** What is found about hot wires. @param topOf  how high the wall over each side is, m */
export const wireFindings = (
  wired: readonly Wired[],
  topOf: (side: string) => number | null,
): readonly Finding[] =>
  wired.flatMap(({ wire, sides, bare }): Finding[] => {
    const part = { on: 'hot-wire', wire: wire.id } as const;
    const { name, heights } = wire;
    const nose = heights.some((h) => h >= NOSE.least - 1e-6 && h <= NOSE.most + 1e-6);
    const climb = heights.some((h) => h >= CLIMB - 1e-6);
    const rising = (list: readonly number[]) => [...list].sort((a, b) => a - b);
    const tops = sides.flatMap((s) => topOf(s.side.id) ?? []);
    const lowest = Math.min(Infinity, ...tops);
    const high = Math.max(...heights);
    const kept = wire.sides.filter((id) => !bare.includes(id));
    return [
      ...(bare.length > 0
        ? [
            finding('wire.bare', { severity: 'mend', stage: 'live', part }, { name, count: bare.length }, [
              kept.length > 0
                ? setWire(wire.id, { sides: kept })
                : ({ verb: 'remove-hot-wire', id: wire.id } as const),
            ]),
          ]
        : []),
      ...(nose
        ? []
        : [
            finding('wire.no-nose', { severity: 'mend', stage: 'live', part }, { name, ...NOSE }, [
              setWire(wire.id, { heights: rising([...heights.slice(0, 5), 0.2]) }),
            ]),
          ]),
      ...(climb
        ? []
        : [
            finding('wire.no-climb', { severity: 'know', stage: 'live', part }, { name }, [
              setWire(wire.id, { heights: rising([...heights.slice(0, 5), 1.2]) }),
            ]),
          ]),
      ...(high > lowest + 1e-6
        ? [
            finding(
              'wire.over-top',
              { severity: 'mend', stage: 'live', part },
              { name, height: high, top: lowest },
              [
                setWire(wire.id, {
                  heights: rising([
                    ...new Set(
                      heights.map((h) => Math.min(h, Math.max(0.2, Math.round((lowest - 0.1) * 100) / 100))),
                    ),
                  ]),
                }),
              ],
            ),
          ]
        : []),
    ];
  });
