import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { useParams } from 'react-router';
import { Link } from '../pages/Link';
import { plans } from '../api/client';
import { BarLinks } from '../pages/BarLinks';
import { PageBar } from '../pages/PageBar';
import { DropPlace, useOpenFile } from '../drawer/OpenFile';
import { Bring } from './Bring';
import { Start } from './Start';

const NONE: never[] = [];

/** A new plan: what is to be built, with what comes of it beside. The last plan is one press away. */
export function StartPage() {
  const { holding = '' } = useParams();
  const list = useQuery({ queryKey: ['plans', holding], queryFn: () => plans(holding) });
  const last = [...(list.data ?? [])].sort((a, b) => (a.savedAt < b.savedAt ? 1 : -1))[0];
  const { open, problems } = useOpenFile(holding, list.data ?? NONE);
  useEffect(() => {
    document.title = 'New plan · Aviarum';
  }, []);
  return (
    <>
      <PageBar>
        {last && <Link to={`/h/${holding}/p/${last.id}`}>Go on with {last.name}</Link>}
        <Link to={`/h/${holding}`}>All plans</Link>
        <BarLinks holding={holding} />
      </PageBar>
      <DropPlace open={open} problems={problems}>
        <main className="page widepage">
          <Start holding={holding}>
            <Bring open={open} />
          </Start>
        </main>
      </DropPlace>
    </>
  );
}
