/** Marks what nobody has said yet, and how it stops being so. */
export function AssumedNote({ onConfirm }: { onConfirm?: () => void }) {
  return (
    <span className="assumed-note">
      {" "}
      assumed: you have not said
      {onConfirm !== undefined && (
        <button type="button" className="text-button" onClick={onConfirm}>
          it is so
        </button>
      )}
    </span>
  );
}
