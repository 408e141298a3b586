import { newGesture } from "../../autosave/gesture";
import { TextInput } from "../../ui/inputs";
import { Choice } from "../../ui/Choice";
import { menuOf, whereKind, whereKinds, type Control, type Where, type WhereKind } from "./kit";

type WhereProps = {
  of: string;
  where: Where;
  controls: Control[];
  onChange: (where: Where, gesture: string) => void;
};

/** Where a setting lives: a path through the menu, a dial, a key and a dial, or a lever. */
export function WhereEditor({ of, where, controls, onChange }: WhereProps) {
  const kind = whereKind(where);
  const turnTo = (next: WhereKind): void =>
    onChange(
      next === "unsaid"
        ? {}
        : next === "menu"
          ? { menu: ["Menu"] }
          : next === "turn"
            ? { turn: "the rear dial" }
            : next === "press"
              ? { press: "a key", turn: "the rear dial" }
              : { lever: "switch on the lens" },
      newGesture("where"),
    );
  return (
    <span className="where">
      <Choice
        label={`Where ${of} lives`}
        value={kind}
        options={(Object.keys(whereKinds) as WhereKind[]).map((value) => ({ value, words: whereKinds[value] }))}
        onChange={turnTo}
      />
      {kind === "menu" && (
        <TextInput
          label={`Way through the menu to ${of}`}
          value={(where.menu ?? []).join(" › ")}
          most={240}
          placeholder="Menu › page › entry"
          onChange={(text, gesture) => {
            const menu = menuOf(text);
            if (menu.length > 0) onChange({ menu } as Where, gesture);
          }}
        />
      )}
      {kind === "press" && (
        <>
          <Choice
            label={`Key held for ${of}`}
            value={where.press ?? ""}
            options={[
              ...(controls.some((one) => one.id === where.press)
                ? []
                : [{ value: where.press ?? "", words: where.press === "a key" ? "which key?" : (where.press ?? "") }]),
              ...controls.map((one) => ({ value: one.id, words: one.name })),
            ]}
            onChange={(press) => onChange({ ...where, press }, newGesture("where"))}
          />
          <TextInput
            label={`Dial turned for ${of}`}
            value={where.turn ?? ""}
            onChange={(turn, gesture) => onChange({ ...where, turn }, gesture)}
          />
        </>
      )}
      {kind === "turn" && (
        <TextInput
          label={`Dial for ${of}`}
          value={where.turn ?? ""}
          placeholder="the rear dial"
          onChange={(turn, gesture) => onChange({ turn }, gesture)}
        />
      )}
      {kind === "lever" && (
        <TextInput
          label={`Lever for ${of}`}
          value={where.lever ?? ""}
          onChange={(lever, gesture) => onChange({ lever }, gesture)}
        />
      )}
    </span>
  );
}
