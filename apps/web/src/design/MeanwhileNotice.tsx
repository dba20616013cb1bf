import { Button } from './Button';
import { Notice } from './Notice';

interface MeanwhileNoticeProps {
  /** What was saved: "plan", "card". */
  readonly what: string;
  /** What both changed, and differently; mine stands in the draft. */
  readonly clashes: readonly { readonly where: string; readonly mine: string; readonly theirs: string }[];
  /** How a field is called on the screen. */
  readonly nameOf?: (where: string) => string;
  readonly onTakeTheirs: () => void;
  readonly onDrop: () => void;
}

/** Someone else saved while this was edited: both are brought together, and what cannot be is asked. */
export function MeanwhileNotice({ what, clashes, nameOf = (where) => where, onTakeTheirs, onDrop }: MeanwhileNoticeProps) {
  return (
    <Notice
      kind={clashes.length > 0 ? 'problem' : 'info'}
      title={`Someone else has saved this ${what} meanwhile. Nothing of yours is lost.`}
    >
      {clashes.length === 0 ? (
        <p>What they changed stands below, with your changes over it. Look it over, then save.</p>
      ) : (
        <>
          <p>What they changed stands below. This you both changed; yours is kept if you save:</p>
          <ul className="mt-1 list-disc pl-5">
            {clashes.map(({ where, mine, theirs }) => (
              <li key={where}>
                <b>{nameOf(where)}</b>: stored {theirs}; yours {mine}
              </li>
            ))}
          </ul>
        </>
      )}
      <div className="mt-2 flex flex-wrap gap-2">
        {clashes.length > 0 ? <Button onClick={onTakeTheirs}>Take theirs in these</Button> : null}
        <Button kind="quiet" onClick={onDrop}>
          Drop all of mine
        </Button>
      </div>
    </Notice>
  );
}
