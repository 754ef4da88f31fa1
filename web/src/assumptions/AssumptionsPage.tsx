import {
  ASSUMED,
  ASSUMPTIONS,
  type AssumptionId,
  type Plan,
  assumedAs,
  assumptionsOf,
  counted,
  sayRough,
} from '@aviarum/core';
import { useParams } from 'react-router';
import { Link } from '../pages/Link';
import { LostPlan } from '../pages/LostPlan';
import { Opening } from '../pages/Opening';
import { useOpenPlan } from '../pages/useOpenPlan';
import { SaveTrouble } from '../shell/SaveTrouble';
import { ThemeButton } from '../shell/ThemeButton';
import { leftAt } from '../state/leftAt';
import { usePlan } from '../state/planStore';
import { LeafTop } from '../yard/LeafTop';
import { FigureRow, FigureTable } from './FigureRow';
import { RoughField } from './RoughField';
import { ThreatFigures } from './ThreatFigures';
import { YardTerms } from './YardTerms';

const IDS = Object.keys(ASSUMED) as readonly AssumptionId[];

/** The figures that are rough by nature, ours and the keeper’s. */
function RoughFigures({ plan }: { plan: Plan }) {
  const take = usePlan((s) => s.take);
  const figures = assumptionsOf(plan);
  return (
    <section aria-labelledby="rough">
      <h2 id="rough">Rough figures</h2>
      <p className="soft">
        Hours are for one person in loam; digging takes longer in harder soil. Put in what you found on your
        own ground.
      </p>
      <FigureTable of="figure">
        {IDS.map((id) => {
          const { touches } = ASSUMED[id];
          const { name } = assumedAs(ASSUMED[id], plan.units);
          return (
            <FigureRow
              key={id}
              name={name}
              ours={sayRough(id, ASSUMPTIONS[id], plan.units)}
              touches={touches.join(', ')}
              back={plan.assumptions[id] === undefined ? null : { verb: 'set-assumption', id, value: null }}
            >
              <RoughField
                id={id}
                value={figures[id]}
                system={plan.units}
                onCommit={(value) => take({ verb: 'set-assumption', id, value })}
              />
            </FigureRow>
          );
        })}
      </FigureTable>
    </section>
  );
}

const ownIn = ({ assumptions, threatFigures, buying }: Plan): number =>
  Object.keys(assumptions).length +
  Object.values(threatFigures).reduce((n, of) => n + Object.keys(of).length, 0) +
  Object.values(buying.terms).reduce((n, of) => n + Object.keys(of).length, 0);

/** Everything that the sums take for granted, seen and changed. */
export default function AssumptionsPage() {
  const { holding = '', planId = '' } = useParams();
  const { plan, failed } = useOpenPlan(holding, planId);
  if (failed !== null) return <LostPlan error={failed} holding={holding} planId={planId} />;
  if (!plan) return <Opening what="the plan" />;
  const back = `/h/${holding}/p/${planId}/${leftAt(holding, planId)}`;
  const own = ownIn(plan);
  return (
    <div className="pagebody yardbody assumptions" data-units={plan.units}>
      <LeafTop plan={plan} back={back} leaf="Assumptions">
        <ThemeButton />
      </LeafTop>
      <main className="yard">
        <SaveTrouble holding={holding} />
        <div>
          <h1>Assumptions</h1>
          <p className="soft">
            Figures that the sums assume.{' '}
            {own === 0
              ? 'This plan uses ours throughout.'
              : `This plan uses ${counted(own, 'figure')} of yours.`}
          </p>
        </div>
        <RoughFigures plan={plan} />
        <ThreatFigures plan={plan} />
        <YardTerms plan={plan} />
        <p className="noprint">
          <Link className="btn" to={back}>
            Back to the plan
          </Link>
        </p>
      </main>
    </div>
  );
}
