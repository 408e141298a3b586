import type { Units } from "../../api/types";
import { newGesture } from "../../autosave/gesture";
import { placeRanges } from "../../generated/ranges";
import { grounds } from "../../generated/vocabulary";
import { figure } from "../../session/figures";
import { Choice } from "../../ui/Choice";
import { NumberField, TakeOut, TextInput } from "../../ui/inputs";
import { show } from "../../units/quantity";
import { Compass, type SunStands } from "./Compass";
import type { Change, Spot, SpotWater } from "./outing";
import { LooksAt } from "./LooksAt";
import { PositionField } from "./PositionField";

type Props = {
  spot: Spot;
  sun: SunStands | null;
  units: Units;
  /** What the water lets one do there, by the day that was reckoned last. */
  water: SpotWater | null;
  onPut: (change: Change<Spot>, gesture: string) => void;
  /** Null where it is the only one. */
  onTakeOut: (() => void) | null;
};

const covers = [
  { value: "none", words: "in the open" },
  { value: "shade", words: "in open shade" },
  { value: "canopy", words: "under leaves" },
] as const;

const ways = {
  typed: "",
  reckoned: "by the crow, to the nearest spot that stays dry; type what you have walked",
  assumed: "assumed: nobody has said where dry ground is",
} as const;

/** One spot, told in sentences with its fields in them: where one stands, which way one shoots, over what, how far, and the water. */
export function SpotFields({ spot, sun, units, water, onPut, onTakeOut }: Props) {
  const { name } = spot;
  /** A number that may be left out, by its field. */
  const optional = (
    field: "height_m" | "near_m" | "far_m" | "cut_off_m",
    label: string,
    range: [number, number],
    placeholder: string,
  ) => (
    <NumberField
      bare
      label={label}
      quantity="length"
      units={units}
      value={spot[field] ?? null}
      range={placeRanges[`spots.${field}`] ?? range}
      placeholder={placeholder}
      onChange={(value) => onPut({ [field]: value }, newGesture(field))}
      onEmpty={() => onPut({ [field]: undefined }, newGesture(field))}
    />
  );
  return (
    <div className="spot" role="group" aria-label={`Spot ${name}`}>
      <Compass
        bearing={spot.bearing_deg}
        sun={sun}
        size={132}
        onTurn={(bearing_deg) => onPut({ bearing_deg }, `turn-${spot.id}`)}
      />
      <div className="spot-told">
        <p>
          <TextInput
            label={`Name of spot ${name}`}
            className="plain-input spot-name"
            value={name}
            most={120}
            onChange={(next, gesture) => onPut({ name: next }, gesture)}
          />
          at
          <PositionField
            label={`Position of ${name}`}
            value={spot}
            onChange={(to) => onPut(to, newGesture("spot-at"))}
          />
          {onTakeOut !== null && <TakeOut what={name} onClick={onTakeOut} />}
        </p>
        <p>
          looks towards
          <NumberField
            bare
            label={`Bearing from ${name}`}
            quantity="angle"
            units={units}
            value={spot.bearing_deg}
            range={[0, 360]}
            onChange={(bearing_deg) => onPut({ bearing_deg }, newGesture("bearing"))}
          />
          or at
          <LooksAt spot={spot} onTurn={(bearing_deg) => onPut({ bearing_deg }, newGesture("bearing"))} />
          with
          <TextInput
            label={`Background from ${name}`}
            className="plain-input spot-behind"
            value={spot.background ?? ""}
            most={400}
            placeholder="nothing noted"
            emptiable
            onChange={(background, gesture) =>
              onPut({ background: background === "" ? undefined : background }, gesture)
            }
          />
          behind it.
        </p>
        <p>
          It is
          <Choice
            label={`Cover of ${name}`}
            value={spot.cover ?? "none"}
            options={covers}
            onChange={(cover) => onPut({ cover: cover === "none" ? undefined : cover }, newGesture("cover"))}
          />
          and shoots over
          <Choice
            label={`Ground before ${name}`}
            value={spot.ground ?? ""}
            options={[{ value: "", words: "what the place lies on" }, ...grounds]}
            onChange={(ground) =>
              onPut({ ground: ground === "" ? undefined : (ground as Spot["ground"]) }, newGesture("spot-ground"))
            }
          />
          {optional(
            "height_m",
            `Line of sight from ${name}`,
            [0.1, 500],
            show(figure("air.height"), "length", units, 2),
          )}
          above it,
        </p>
        <p>
          usually from
          {optional("near_m", `Usually not nearer from ${name}`, [0.05, 100_000], "any")}
          to
          {optional("far_m", `Usually not farther from ${name}`, [0.05, 100_000], "any")}
          away; cut off by water of
          {optional("cut_off_m", `Water that cuts ${name} off`, [-20, 20], "never")}
        </p>
        {spot.cut_off_m !== undefined && (
          <p>
            then dry ground is
            <NumberField
              bare
              label={`Minutes on foot off ${name}`}
              quantity="plain"
              units={units}
              value={spot.way_off_minutes ?? null}
              range={placeRanges["spots.way_off_minutes"] ?? [0, 600]}
              placeholder={water?.way_off_minutes == null ? "" : String(Math.ceil(water.way_off_minutes))}
              onChange={(way_off_minutes) => onPut({ way_off_minutes }, newGesture("way-off"))}
              onEmpty={() => onPut({ way_off_minutes: undefined }, newGesture("way-off"))}
            />
            min away on foot
            {water?.way_off_known !== undefined && water.way_off_known !== null && (
              <span className="note">{ways[water.way_off_known]}</span>
            )}
          </p>
        )}
      </div>
    </div>
  );
}
