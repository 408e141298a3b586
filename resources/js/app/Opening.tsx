import { Popover } from "antd";
import { useRef, useState, type ReactNode } from "react";
import { Sheet } from "./Sheet";

type Props = {
  /** What the sheet is about, for assistive technology. */
  label: string;
  className: string;
  sheetClass: string;
  content: ReactNode;
  children: ReactNode;
};

/** A button that opens a sheet beside itself and has the focus again when that closes. */
export function Opening({ label, className, sheetClass, content, children }: Props) {
  const [open, setOpen] = useState(false);
  const button = useRef<HTMLButtonElement>(null);
  const close = (): void => {
    button.current?.focus();
    setOpen(false);
  };
  return (
    <Popover
      open={open}
      onOpenChange={setOpen}
      trigger="click"
      placement="bottomLeft"
      arrow={false}
      destroyOnHidden
      content={
        <Sheet className={sheetClass} label={label} onClose={close}>
          {content}
        </Sheet>
      }
    >
      <button
        ref={button}
        type="button"
        className={`${className} explained`}
        aria-expanded={open}
        aria-haspopup="dialog"
      >
        {children}
      </button>
    </Popover>
  );
}
