import { useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import { request } from "../../api/client";
import { kitsQuery } from "../../api/queries";
import type { Plan, Rush, RushWhole, SubjectKind, Units } from "../../api/types";
import { areaNames } from "../../hold/hold";
import { Lane } from "../../lane/Lane";
import { Pane } from "../../pane/Pane";
import { useAccount } from "../../session/boot";
import { figures, show, shutter } from "../../units/quantity";
import { Compass } from "./Compass";
import { alongAt, bandAt, clockAt, sides, towards, type Along, type Day, type Moment, type Place } from "./outing";

type Props = {
  day: Day;
  place: Place;
  at: number;
  restedAt: number;
  rush: Along | null;
  rushId: string | null;
  kinds: SubjectKind[];
};

/** Everything at the minute the hand stands at: the light, the hold of the rush that is picked, and its frame. */
export function AtHand({ day, place, at, restedAt, rush, rushId, kinds }: Props) {
  const { user } = useAccount();
  const { units } = user.settings;
  const now = day.moments[at]!;
  const spot = place.spots.find((one) => one.id === rush?.spot) ?? place.spots[0]!;
  const step = rush === null ? null : alongAt(rush, at);
  const band = rush === null ? null : bandAt(day, rush, at);
  const hold = band?.hold ?? null;
  const light = rush === null ? null : alongAt(rush, restedAt);
  const rested = light === null ? null : { moment: day.moments[restedAt]!, light };
  const blinding = day.blinding.find(
    (one) =>
      one.spot === spot.id && Date.parse(one.from) <= Date.parse(now.at) && Date.parse(one.until) > Date.parse(now.at),
  );
  const isUp = now.apparent_deg > 0;
  return (
    <div className="at-hand">
      <section className="at-light" aria-label="Light at this minute">
        <p className="at-clock">{clockAt(now.at)}</p>
        <Compass bearing={spot.bearing_deg} sun={{ azimuth: now.azimuth_deg, isUp }} size={148} />
        <dl>
          <div>
            <dt>light</dt>
            <dd>
              EV {(step?.ev100 ?? now.ev100).toFixed(1)}
              {step !== null && <span className="note"> {sides[step.light]}</span>}
            </dd>
          </div>
          <div>
            <dt>sun</dt>
            <dd>
              {isUp
                ? `${figures(now.apparent_deg, 2)}° in the ${towards(now.azimuth_deg)}${now.shaded ? ", behind the horizon line" : ""}`
                : `${figures(-now.altitude_deg, 2)}° under the horizon`}
            </dd>
          </div>
          <div>
            <dt>air</dt>
            <dd>
              {[
                now.temperature_c === null ? null : `${figures(now.temperature_c, 2)} °C`,
                now.wind_mps === null ? null : `wind ${show(now.wind_mps, "speed", units, 2)}`,
                now.reach_m === null ? null : `shimmer beyond ${show(now.reach_m, "length", units, 2)}`,
              ]
                .filter((one) => one !== null)
                .join(", ") || "nobody has said"}
            </dd>
          </div>
          {now.water_m !== null && (
            <div>
              <dt>water</dt>
              <dd>{show(now.water_m, "length", units, 2)}</dd>
            </div>
          )}
        </dl>
        {blinding !== undefined && (
          <p className="fail at-caution" role="note">
            The sun stands where you point: never look at it through a lens.
          </p>
        )}
      </section>
      <section className="at-hold" aria-label="The hold at this minute" data-testid="at-hold">
        {rush === null ? (
          <p className="note">No rush is expected yet: add one below.</p>
        ) : step === null ? (
          <p className="at-none">
            <b>{rush.name}</b> is not expected at this minute. {rush.says}
          </p>
        ) : hold === null ? (
          <p className="at-none">
            <b>{rush.name}</b>: your lens cannot focus so near.
          </p>
        ) : (
          <>
            <p className="at-name">
              <b>{rush.name}</b> {rush.says}
            </p>
            <div className="settings at-settings">
              <p>
                <span className="setting-name">shutter</span>
                <span className="setting-value">{shutter(hold.shutter_s)}</span>
              </p>
              <p>
                <span className="setting-name">aperture</span>
                <span className="setting-value">f/{figures(hold.f_number)}</span>
              </p>
              <p>
                <span className="setting-name">ISO</span>
                <span className="setting-value">{isoAt(band!.iso_least, band!.iso_most)}</span>
              </p>
            </div>
            <p className="at-line">
              {areaNames[hold.area.pattern].toLowerCase()}
              {hold.tuning.stay === null ? "" : `, stay ${hold.tuning.stay}`}
              {hold.tuning.pace === null ? "" : `, pace ${hold.tuning.pace}`}; {Math.round(step.share * 100)} of 100
              frames come out.
            </p>
            {band!.gave_way.length > 0 && (
              <ul className="at-gave">
                {band!.gave_way.map((one) => (
                  <li key={one.step}>
                    <b>{one.what}</b> <span className="note">{one.why}</span>
                  </li>
                ))}
              </ul>
            )}
          </>
        )}
      </section>
      {rushId !== null && hold !== null && rested !== null && (
        <Drawn moment={rested.moment} rushId={rushId} spot={spot} light={rested.light} kinds={kinds} units={units} />
      )}
    </div>
  );
}

const isoAt = (least: number, most: number): string => (least === most ? String(most) : `${least}–${most}`);

type DrawnProps = {
  moment: Moment;
  rushId: string;
  spot: Place["spots"][number];
  light: Light;
  kinds: SubjectKind[];
  units: Units;
};

/** Lane and frame of the rush in the light of the minute in which the hand has come to rest. */
function Drawn({ moment, rushId, spot, light, kinds, units }: DrawnProps) {
  const found = useQuery({
    queryKey: ["rush", rushId, "outing"],
    queryFn: () => request<RushWhole>("GET", `rushes/${rushId}`),
    staleTime: 60_000,
  });
  const kits = useQuery(kitsQuery);
  const kit = kits.data?.kits.find((one) => one.id === found.data?.kit_id);
  const rush = found.data?.rush;
  const lit = useMemo(
    () => (rush === undefined ? null : litBy(rush, spot, moment, light)),
    [rush, spot, moment, light],
  );
  const plan = useQuery({
    queryKey: ["outing-plan", rushId, kit?.id, JSON.stringify(lit)],
    queryFn: ({ signal }) => request<Plan>("POST", "plans", { rush: lit, kit: kit!.kit }, signal),
    enabled: lit !== null && kit !== undefined,
    placeholderData: (old) => old,
    staleTime: Infinity,
  }).data;
  const kind = kinds.find((one) => one.id === lit?.subject.kind);
  const drawn = useMemo(
    () =>
      lit === null || kit === undefined || kind === undefined || plan === undefined ? null : (
        <>
          <Lane rush={lit} kind={kind} closestM={kit.kit.lens.closest_m} plan={plan} units={units} />
          <Pane plan={plan} rush={lit} kind={kind} lens={kit.kit.lens} focalMm={null} units={units} />
        </>
      ),
    [lit, kit, kind, plan, units],
  );
  return (
    <div className="at-drawn" aria-hidden={drawn === null}>
      {drawn}
    </div>
  );
}

type Light = Along["along"][number];

/** A rush in the light and air of a moment at a spot; what it says of its air itself goes before. */
const litBy = (rush: Rush, spot: Place["spots"][number], now: Moment, light: Light): Rush => ({
  ...rush,
  light: { ev100: Math.max(-6, light.ev100), direction: light.light === "even" ? "front" : light.light },
  air: {
    ...(spot.ground === undefined ? {} : { ground: spot.ground }),
    sky: now.sky,
    sun_deg: now.altitude_deg,
    ...(now.wind_mps === null ? {} : { wind_mps: now.wind_mps }),
    ...(now.visibility_m === null ? {} : { visibility_m: now.visibility_m }),
    ...(spot.height_m === undefined ? {} : { height_m: spot.height_m }),
    ...rush.air,
  },
});
