import { type SurveyProblem, sayProblem } from '@aviarum/core/survey';
import { useReader } from '../state/reckoningStore';
import type { Found, Setting } from './setting';

type Place = 'marks' | 'between' | (string & {});

/** Where a problem is told: at its stake, among the distances between stakes, or over all of them. */
function placeOf(problem: SurveyProblem): Place {
  switch (problem.code) {
    case 'marks-too-near':
      return 'marks';
    case 'misfit':
      return problem.stakes.length === 1 ? (problem.stakes[0] ?? 'marks') : 'marks';
    case 'misread':
    case 'steeper-than-read':
      return problem.reading.includes('+') ? 'between' : (problem.reading.split('/')[0] ?? 'marks');
    case 'too-few':
    case 'do-not-meet':
      return problem.stake;
  }
}

/** What is wrong with the readings of one place; a misread one is mended in one press. */
export function Problems({ tape, found, onSet, of }: Setting & { found: Found; of: Place }) {
  const reader = useReader();
  const mend = (reading: string, fits: number) => {
    const distance = Math.round(fits * 1000) / 1000;
    const [stake = '', other = ''] = reading.split(/[/+]/);
    if (reading.includes('+'))
      onSet({
        between: tape.between.map((b) => (b.from === stake && b.to === other ? { ...b, distance } : b)),
      });
    else
      onSet({
        stakes: tape.stakes.map((s) =>
          s.id === stake
            ? { ...s, readings: s.readings.map((r) => (r.mark === other ? { ...r, distance } : r)) }
            : s,
        ),
      });
  };
  return (
    <>
      {found.problems
        .filter((p) => placeOf(p) === of)
        .map((problem) => {
          const words = sayProblem(problem, tape, reader);
          return (
            <div className="finding" data-severity="mend" key={words}>
              <p>
                <span className="sign">▲ </span>
                {words}
              </p>
              {problem.code === 'misread' && (
                <div className="mends">
                  <button
                    type="button"
                    className="btn btn-primary"
                    onClick={() => mend(problem.reading, problem.fits)}
                  >
                    Take {reader.about(problem.fits)} for it
                  </button>
                </div>
              )}
            </div>
          );
        })}
    </>
  );
}
