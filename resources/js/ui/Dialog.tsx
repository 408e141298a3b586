import { Modal } from "antd";
import type { ReactNode } from "react";
import { useBackCloses } from "./useBack";

type Props = { open: boolean; title: string; width?: number; onClose: () => void; children: ReactNode };

/**
 * A dialog over the page. It is mounted beside the room, not in the body: there the library would lock scrolling by an
 * inline style, which the content security policy rightly refuses.
 */
export function Dialog({ open, title, width = 520, onClose, children }: Props) {
  useBackCloses(open, onClose);
  return (
    <Modal
      open={open}
      onCancel={onClose}
      footer={null}
      title={title}
      width={width}
      style={{ top: 48 }}
      destroyOnHidden
      getContainer={() => document.getElementById("root")!}
    >
      {children}
    </Modal>
  );
}
