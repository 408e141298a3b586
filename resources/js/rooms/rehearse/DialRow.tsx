import type { Dials } from "../../api/types";
import { Choice } from "../../ui/Choice";
import { areaNames } from "../../hold/hold";
import { figures, shutter } from "../../units/quantity";
import { noDials, turned } from "../../hold/dials";
import { type Hold, type Take } from "./rehearsal";

type Props = {
  hold: Hold;
  choices: Take["choices"];
  /** Turned for a try. */
  dials: Dials;
  onTurn: (dials: Dials) => void;
  onChange: () => void;
};

/** The dials beside the pass: turn one and both tries are played, the hold as it is as a ghost. */
export function DialRow({ hold, choices, dials, onTurn, onChange }: Props) {
  const turn = (change: Parameters<typeof turned>[1]): void => {
    const next = turned(dials, change);
    // a dial turned back to where the hold has it is not turned
    onTurn(
      turned(next, {
        area: next.area === hold.area.pattern ? undefined : next.area,
        stay: next.stay === hold.tuning.stay ? undefined : next.stay,
        pace: next.pace === hold.tuning.pace ? undefined : next.pace,
        shutter_s: near(next.shutter_s, hold.shutter_s) ? undefined : next.shutter_s,
        f_number: near(next.f_number, hold.f_number) ? undefined : next.f_number,
      }),
    );
  };
  return (
    <section className="dials" aria-label="Try other dials">
      {choices.areas.length > 0 && (
        <div className="dial-field">
          <span className="setting-name">area</span>
          <Choice
            className={dials.area === undefined ? undefined : "dial-turned"}
            label="area"
            value={dials.area ?? hold.area.pattern}
            options={choices.areas.map((area) => ({ value: area, words: areaNames[area] }))}
            onChange={(area) => turn({ area })}
          />
        </div>
      )}
      {choices.stays.length > 0 && (
        <Notches
          name="stay"
          values={choices.stays}
          value={dials.stay ?? hold.tuning.stay ?? 0}
          isTurned={dials.stay !== undefined}
          onPick={(value) => turn({ stay: value })}
        />
      )}
      {choices.paces.length > 0 && (
        <Notches
          name="pace"
          values={choices.paces}
          value={dials.pace ?? hold.tuning.pace ?? 0}
          isTurned={dials.pace !== undefined}
          onPick={(value) => turn({ pace: value })}
        />
      )}
      <Stops
        name="shutter"
        values={choices.shutters_s.toReversed()}
        value={dials.shutter_s ?? hold.shutter_s}
        isTurned={dials.shutter_s !== undefined}
        say={shutter}
        onPick={(value) => turn({ shutter_s: value })}
      />
      <Stops
        name="aperture"
        values={choices.f_numbers}
        value={dials.f_number ?? hold.f_number}
        isTurned={dials.f_number !== undefined}
        say={(value) => `f/${figures(value)}`}
        onPick={(value) => turn({ f_number: value })}
      />
      {!noDials(dials) && (
        <span className="dial-acts">
          <button type="button" className="cure" onClick={onChange}>
            Take it into the hold
          </button>
          <button type="button" className="quiet" onClick={() => onTurn({})}>
            put them back
          </button>
        </span>
      )}
    </section>
  );
}

const near = (a: number | undefined, b: number): boolean => a !== undefined && Math.abs(a / b - 1) < 1e-4;

type NotchesProps = {
  name: string;
  values: number[];
  value: number;
  isTurned: boolean;
  onPick: (value: number) => void;
};

/** A dial as a short row of notches with the number beside. */
function Notches({ name, values, value, isTurned, onPick }: NotchesProps) {
  return (
    <div className="dial-field" role="group" aria-label={name}>
      <span className="setting-name">{name}</span>
      <span className={isTurned ? "notches dial-turned" : "notches"}>
        {values.map((one) => (
          <button
            key={one}
            type="button"
            aria-label={`${name} ${one}`}
            aria-pressed={one === value}
            className={one <= value ? "notch notch-on" : "notch"}
            onClick={() => onPick(one)}
          >
            {one}
          </button>
        ))}
      </span>
    </div>
  );
}

type StopsProps = {
  name: string;
  values: number[];
  value: number;
  isTurned: boolean;
  say: (value: number) => string;
  onPick: (value: number) => void;
};

/** A dial that goes by thirds of a stop. */
function Stops({ name, values, value, isTurned, say, onPick }: StopsProps) {
  const at = values.reduce(
    (best, one, place) => (Math.abs(Math.log(one / value)) < Math.abs(Math.log(values[best]! / value)) ? place : best),
    0,
  );
  return (
    <div className="dial-field" role="group" aria-label={name}>
      <span className="setting-name">{name}</span>
      <span className={isTurned ? "stops dial-turned" : "stops"}>
        <button
          type="button"
          aria-label={`${name}: a third less`}
          disabled={at === 0}
          onClick={() => onPick(values[at - 1]!)}
        >
          −
        </button>
        <output>{say(value)}</output>
        <button
          type="button"
          aria-label={`${name}: a third more`}
          disabled={at === values.length - 1}
          onClick={() => onPick(values[at + 1]!)}
        >
          +
        </button>
      </span>
    </div>
  );
}
