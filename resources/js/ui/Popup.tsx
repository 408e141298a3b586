import type { ReactNode } from "react";

type Props = { label: string; className: string; name?: string | undefined; onClose: () => void; children: ReactNode };

/** A box that opens beside what it is about; Escape closes it from anywhere inside. */
export function Sheet({ label, className, name, onClose, children }: Props) {
  return (
    // oxlint-disable-next-line jsx-a11y/no-noninteractive-element-interactions -- the key is for whatever inside has the focus
    <div
      className={className}
      role="dialog"
      aria-label={label}
      data-editor={name}
      tabIndex={-1}
      onKeyDown={(event) => {
        if (event.key !== "Escape") return;
        event.stopPropagation();
        onClose();
      }}
    >
      {children}
      <button type="button" className="done" onClick={onClose}>
        Done
      </button>
    </div>
  );
}
