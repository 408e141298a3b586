import { useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import { request } from "../../api/client";
import type { SubjectKind, Units } from "../../api/types";
import { areaNames } from "../../hold/hold";
import { Lane } from "../../lane/Lane";
import { Pane } from "../../pane/Pane";
import { useAccount } from "../../session/boot";
import { figures, show, shutter } from "../../units/quantity";
import { Compass } from "./Compass";
import {
  alongAt,
  bandAt,
  clockAt,
  dayAt,
  isWithin,
  sides,
  stateAt,
  towards,
  type Along,
  type Day,
  type Place,
  type SpotWater,
} from "./outing";

type Props = {
  day: Day;
  place: Place;
  at: number;
  restedAt: number;
  rush: Along | null;
  /** Whether that stands in light of its own. */
  ownLight: boolean;
  /** Of which outing it is, and by which changes of it and of its place. */
  asked: [string, number, number];
  /** Whether the day is the one of these changes, and not that of before. */
  isFresh: boolean;
  kinds: SubjectKind[];
};

/** Everything at the minute the hand stands at, as the day has it: the light, the hold of the rush that is picked, and its frame. */
export function AtHand({ day, place, at, restedAt, rush, ownLight, asked, isFresh, kinds }: Props) {
  const { user } = useAccount();
  const { units } = user.settings;
  const now = day.moments[at]!;
  const spot = place.spots.find((one) => one.id === rush?.spot) ?? place.spots[0]!;
  const water = day.spots.find((one) => one.spot === spot.id) ?? null;
  const state = water?.says == null ? null : stateAt(water, now.at);
  const step = rush === null ? null : alongAt(rush, at);
  const band = rush === null ? null : bandAt(day, rush, at);
  const hold = band?.hold ?? null;
  const isPlanned = rush !== null && alongAt(rush, restedAt) !== null && bandAt(day, rush, restedAt)?.hold != null;
  const blinding = day.blinding.find((one) => one.spot === spot.id && isWithin(now.at, one));
  const isUp = now.apparent_deg > 0;
  return (
    <div className="at-hand">
      <section className="at-light" aria-label="Light at this minute">
        <p className="at-clock">
          {clockAt(now.at)}
          {dayAt(now.at, day) !== "" && <span className="at-day">{dayAt(now.at, day)}</span>}
        </p>
        <Compass bearing={spot.bearing_deg} sun={{ azimuth: now.azimuth_deg, isUp }} size={148} />
        <dl>
          <div>
            <dt>light</dt>
            <dd>
              EV {signed(step?.ev100 ?? now.ev100)}
              {step !== null && (
                <span className="note">
                  {" "}
                  {ownLight ? "of its own, " : ""}
                  {sides[step.light]}
                </span>
              )}
            </dd>
          </div>
          <div>
            <dt>sun</dt>
            <dd>
              {isUp
                ? `${figures(now.apparent_deg, 2)}° in the ${towards(now.azimuth_deg)}${now.shaded ? ", behind what stands around" : ""}`
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
          {(now.water_m !== null || state !== null) && (
            <div>
              <dt>water</dt>
              <dd>
                {now.water_m === null ? "not known" : show(now.water_m, "length", units, 2)}
                {now.water_reckoned && <span className="note"> reckoned</span>}
              </dd>
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
        {water !== null && state !== null && <AtWater water={water} name={spot.name} state={state} now={now.at} />}
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
                <span className="setting-value">{step.iso}</span>
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
      {hold !== null && isPlanned && (
        <Drawn
          asked={asked}
          isFresh={isFresh}
          at={day.moments[restedAt]!.at}
          rushId={rush!.id}
          kinds={kinds}
          units={units}
        />
      )}
    </div>
  );
}

/** An exposure value to a tenth, its sign as it is printed. */
const signed = (ev100: number): string => ev100.toFixed(1).replace("-", "\u2212");

const states = {
  open: "open now, but not with time to spare for the water and the way",
  shut: "cut off now",
  unknown: "not known now, and so taken as cut off",
} as const;

type WaterProps = { water: SpotWater; name: string; state: keyof typeof states; now: string };

/** What the water does to a spot: first what it is at this minute, then all of it. */
function AtWater({ water, name, state, now }: WaterProps) {
  const stands = water.stands.some((one) => isWithin(now, one));
  return (
    <p className="at-water">
      <b className={stands ? undefined : "fail"}>
        {name}: {stands ? "free now" : states[state]}.
      </b>{" "}
      {water.says}
    </p>
  );
}

type DrawnProps = {
  asked: [string, number, number];
  isFresh: boolean;
  /** A moment of the day. */
  at: string;
  /** By which the outing names the rush. */
  rushId: string;
  kinds: SubjectKind[];
  units: Units;
};

/** Lane and frame of the rush as the day has it in the minute in which the hand has come to rest. */
function Drawn({ asked, isFresh, at, rushId, kinds, units }: DrawnProps) {
  const [outing] = asked;
  const found = useQuery({
    queryKey: ["outing-at", ...asked, rushId, at],
    queryFn: ({ signal }) =>
      request(
        "GET",
        `outings/${outing}/at?rush=${encodeURIComponent(rushId)}&at=${encodeURIComponent(at)}`,
        undefined,
        signal,
      ),
    enabled: isFresh,
    placeholderData: (old) => old,
    staleTime: 60_000,
  }).data;
  const kind = kinds.find((one) => one.id === found?.rush.subject.kind);
  const drawn = useMemo(
    () =>
      found === undefined || kind === undefined ? null : (
        <>
          <Lane rush={found.rush} kind={kind} closestM={found.lens.closest_m} plan={found.plan} units={units} />
          <Pane plan={found.plan} rush={found.rush} kind={kind} lens={found.lens} focalMm={null} units={units} />
        </>
      ),
    [found, kind, units],
  );
  return (
    <div className="at-drawn" aria-hidden={drawn === null}>
      {drawn}
    </div>
  );
}
