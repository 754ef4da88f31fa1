import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { useParams } from 'react-router';
import { Link } from '../pages/Link';
import { holdings, plans } from '../api/client';
import { AllHoldings, BarLinks } from '../pages/BarLinks';
import { Opening } from '../pages/Opening';
import { PageBar } from '../pages/PageBar';
import { Trouble } from '../pages/Trouble';
import { Bring } from '../start/Bring';
import { Start } from '../start/Start';
import { Bin } from './Bin';
import { Drawer } from './Drawer';
import { HoldingFile } from './HoldingFile';
import { HoldingName } from './HoldingName';
import { DropPlace, OpenFile, useOpenFile } from './OpenFile';
import { rememberHolding } from './lastHolding';

const NONE: never[] = [];

/** A holding: its plans as a drawer; where there are none, what could be built. */
export function HoldingPage() {
  const { holding = '' } = useParams();
  const list = useQuery({ queryKey: ['plans', holding], queryFn: () => plans(holding) });
  const all = useQuery({ queryKey: ['holdings'], queryFn: holdings });
  const own = all.data?.find((h) => h.id === holding);
  const { open, problems } = useOpenFile(holding, list.data ?? NONE);
  const name = own?.name;
  useEffect(() => {
    document.title = name === undefined ? 'Aviarum' : `${name} · Aviarum`;
    if (own && !own.example) rememberHolding(holding);
  }, [holding, name, own]);
  if (list.error) return <Trouble error={list.error} back="/" />;
  const there = own ? list.data : undefined;
  const empty = there?.length === 0;
  return (
    <>
      <PageBar>
        <BarLinks holding={holding} />
      </PageBar>
      <DropPlace open={open} problems={problems}>
        <main className="page widepage">
          {!there && <Opening what="the holding" />}
          {empty && (
            <Start holding={holding}>
              <Bring open={open} />
            </Start>
          )}
          {there && own && (
            <div className={empty ? 'drawerhead small' : 'drawerhead'}>
              <HoldingName holding={own} />
              {own.example && (
                <p className="soft">
                  A made-up smallholding to look round in. Change what you like; it is yours.
                </p>
              )}
              {empty && (
                <p className="soft">
                  No plans yet. They will hang here, each with its drawing, fence, price and what needs a
                  look.
                </p>
              )}
              {!empty && (
                <div className="toolrow">
                  <Link to={`/h/${holding}/new`} className="btn btn-accent">
                    New plan
                  </Link>
                  <OpenFile open={open} />
                  <span className="soft small">
                    or drop a plan, a walked track or an outline anywhere here
                  </span>
                </div>
              )}
            </div>
          )}
          {there && !empty && <Drawer holding={holding} list={there} />}
          {there && <HoldingFile holding={holding} open={open} />}
          {there && all.data && <AllHoldings list={all.data} holding={holding} />}
          {there && <Bin holding={holding} />}
        </main>
      </DropPlace>
    </>
  );
}
