import { OpenFile } from '../drawer/OpenFile';

/** Beside the starts: what was drawn or walked already. */
export function Bring({ open }: { open: (file: File) => void }) {
  return (
    <div className="starttile bring">
      <b>Drawn or walked already</b>
      <p className="soft">Drop a plan, a walked track or an outline on this page, or bring it here.</p>
      <OpenFile open={open} />
    </div>
  );
}
