import { Popover } from "antd";
import { useRef, useState, type ReactNode } from "react";
import { Sheet } from "./Popup";

type Props = {
  /** What the popup is about, for assistive technology. */
  label: string;
  className: string;
  popupClass: string;
  content: ReactNode;
  children: ReactNode;
};

/** A button that opens a popup beside itself and has the focus again when that closes. */
export function PopupButton({ label, className, popupClass, content, children }: Props) {
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
        <Sheet className={popupClass} label={label} onClose={close}>
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
