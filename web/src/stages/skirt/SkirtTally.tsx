import { useReader, useReckoning } from '../../state/reckoningStore';
import { HeadlineWorking } from '../HeadlineWorking';

/** What all skirts of the plan come to. */
export function SkirtTally() {
  const figures = useReckoning((s) => s.reckoning?.figures);
  const reader = useReader();
  if (!figures) return null;
  const {
    'skirt.stripLength': strip = 0,
    'skirt.stripWidth': wide,
    'skirt.rollWidth': roll,
    'skirt.trenchLength': trench,
    'skirt.trenchWidth': trenchWide = 0,
    'skirt.trenchVolume': spoil = 0,
    'skirt.stoneVolume': stones,
    'skirt.concreteVolume': concrete,
  } = figures;
  const volume = (m3: number) => reader.amount(m3, 'm³');
  return (
    <dl className="tally">
      {strip > 0 && (
        <HeadlineWorking name="Strip, before joints" figure={reader.about(strip)} working="skirt" />
      )}
      {wide !== undefined && (
        <>
          <dt>Strip width, cut from</dt>
          <dd className="figure">
            {reader.about(wide)}
            {roll === undefined ? '' : `, a roll of ${reader.about(roll)}`}
          </dd>
        </>
      )}
      {trench !== undefined && (
        <>
          <dt>Trench, {reader.about(trenchWide)} wide</dt>
          <dd className="figure">{reader.about(trench)}</dd>
          <dt>Spoil out of it{concrete === undefined ? ', and back on the mesh' : ', to be carried away'}</dt>
          <dd className="figure">{volume(spoil)}</dd>
        </>
      )}
      {stones !== undefined && (
        <>
          <dt>Stones</dt>
          <dd className="figure">{volume(stones)}</dd>
        </>
      )}
      {concrete !== undefined && (
        <>
          <dt>Concrete</dt>
          <dd className="figure">{volume(concrete)}</dd>
        </>
      )}
    </dl>
  );
}
