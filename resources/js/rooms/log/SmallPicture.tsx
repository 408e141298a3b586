import { pictureOf } from "./log";

type Props = {
  frame: { id: string; has_picture: boolean };
  alt: string;
  lazy?: boolean;
};

/** All of a frame, reduced; frames that came without a picture say so. */
export function SmallPicture({ frame, alt, lazy = false }: Props) {
  return frame.has_picture ? (
    <img src={pictureOf(frame.id, "whole")} alt={alt} loading={lazy ? "lazy" : "eager"} />
  ) : (
    <span className="no-picture">
      <span>no picture</span>
    </span>
  );
}
