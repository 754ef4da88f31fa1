import { holdingFileAddress } from '../api/client';
import { FileButton } from '../fields/FileButton';

/** The whole holding out as one file, and back from one as a new holding. */
export function HoldingFile({ holding, open }: { holding: string; open: (file: File) => void }) {
  return (
    <section className="holdingfile">
      <h2>All of it as a file</h2>
      <p className="soft" style={{ margin: 0 }}>
        Plans with their earlier versions and the bin, shed, prices, own products and readings: to keep
        elsewhere, or to take to another device.
      </p>
      <div className="toolrow">
        <a className="btn" href={holdingFileAddress(holding)} download>
          Copy of this holding
        </a>
        <FileButton
          label="Put a copy back"
          name="Holding file"
          accept=".json,.jsonl,application/json"
          onFile={open}
        />
      </div>
    </section>
  );
}
