import { Popover } from "antd";
import { useRef, useState, type ReactNode } from "react";
import { Sheet } from "./Popup";

type Common = { className: string; children: ReactNode };
type Props = Common &
  (
    | {
        /** What the popup is about, for assistive technology. */
        label: string;
        popupClass: string;
        content: ReactNode;
        open?: never;
        onOpen?: never;
      }
    | {
        /** What brings a sheet of its own; it is given what closes it. */
        content: (close: () => void) => ReactNode;
        /** Whether it is open, where something else may open it too. */
        open: boolean;
        onOpen: (open: boolean) => void;
        label?: never;
        popupClass?: never;
      }
  );

/** A button that opens a popup beside itself and has the focus again when that closes. */
export function PopupButton(props: Props) {
  const [own, setOwn] = useState(false);
  const button = useRef<HTMLButtonElement>(null);
  const [open, setOpen] = props.onOpen === undefined ? [own, setOwn] : [props.open, props.onOpen];
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
        typeof props.content === "function" ? (
          // oxlint-disable-next-line react-hooks-js/refs -- the button is asked for when the popup closes, not while it is drawn
          props.content(close)
        ) : (
          <Sheet className={props.popupClass!} label={props.label!} onClose={close}>
            {props.content}
          </Sheet>
        )
      }
    >
      <button
        ref={button}
        type="button"
        className={props.onOpen === undefined ? `${props.className} explained` : props.className}
        aria-expanded={open}
        aria-haspopup="dialog"
      >
        {props.children}
      </button>
    </Popover>
  );
}
