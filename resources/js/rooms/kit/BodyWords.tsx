import type { ReactNode } from "react";
import { newGesture } from "../../autosave/gesture";
import { AreaMark } from "./AreaMark";
import { NumberField, TakeOut, TextInput } from "../../ui/inputs";
import {
  areas,
  controlUses,
  detections,
  focusAids,
  focusModes,
  settingNames,
  stabiliserUses,
} from "../../generated/vocabulary";
import { type Area, type Body, type Dialect, type Scale, type Where } from "./kit";
import { AssumedNote } from "./AssumedNote";
import { confirmed, isAssumed, type Part } from "./said";
import { WhereEditor } from "./WhereEditor";

type Take = (body: Body, gesture: string) => void;
type SettingName = Exclude<keyof Dialect, "drive" | "tuning">;
type Setting = { name: string; where: Where; words: Record<string, string> };

const ours: Record<SettingName, string> = settingNames;

/** Values that every body has, with our words for them. */
const values: Partial<Record<SettingName, readonly { value: string; words: string }[]>> = {
  eye: [
    { value: "on", words: "on" },
    { value: "off", words: "off" },
  ],
  stabiliser: stabiliserUses,
  buttons: controlUses,
};

const settingOf = (body: Body, name: SettingName): Setting =>
  (body.dialect?.[name] as Setting | undefined) ?? { name: ours[name], words: {}, where: {} };

const told = (body: Body, name: SettingName, change: Partial<Setting>): Body => ({
  ...body,
  dialect: { ...body.dialect, [name]: { ...settingOf(body, name), ...change } } as Dialect,
});

/** The part of a body that the values of a setting are. */
const partOf: Partial<Record<SettingName, Part>> = { focus_mode: "modes", area: "areas", detection: "detects" };

const flipped = <T extends string>(list: readonly T[], value: T, on: boolean): T[] =>
  on ? [...list, value] : list.filter((one) => one !== value);

type Row = { value: string; words: string; has?: boolean; mark?: ReactNode; after?: ReactNode };

/** The values of a setting: whether the body has each, and its own word for it. */
function Rows({
  name,
  body,
  rows,
  onHas,
  onChange,
}: {
  name: SettingName;
  body: Body;
  rows: readonly Row[];
  onHas?: (value: string, on: boolean) => void;
  onChange: Take;
}) {
  const setting = settingOf(body, name);
  const part = partOf[name];
  const isUnsaid = part !== undefined && isAssumed(body, part);
  return (
    <ul className="word-list">
      {rows.map((row) => (
        <li key={row.value} className={row.has === false ? "lacks" : ""}>
          {row.has === undefined ? (
            <span className="has">{row.words}</span>
          ) : (
            <label className="has">
              <input type="checkbox" checked={row.has} onChange={(event) => onHas?.(row.value, event.target.checked)} />
              {row.mark}
              {row.words}
            </label>
          )}
          <TextInput
            label={`Its word for ${row.words}`}
            value={setting.words[row.value] ?? ""}
            most={40}
            emptiable
            placeholder={row.has !== false ? row.words : isUnsaid ? "its word" : "it has none"}
            onChange={(word, gesture) => {
              const { [row.value]: _old, ...rest } = setting.words;
              onChange(told(body, name, { words: word === "" ? rest : { ...rest, [row.value]: word } }), gesture);
            }}
          />
          {row.after}
        </li>
      ))}
    </ul>
  );
}

export function ModeWords({ body, onChange }: { body: Body; onChange: Take }) {
  return (
    <Rows
      name="focus_mode"
      body={body}
      rows={focusModes.map((mode) => ({ ...mode, has: body.modes.includes(mode.value) }))}
      onHas={(value, on) => {
        const next = flipped(body.modes as string[], value, on);
        // a body must focus somehow besides guessing
        if (next.some((mode) => mode !== "auto-switch"))
          onChange({ ...body, modes: next as unknown as Body["modes"] }, newGesture("has"));
      }}
      onChange={onChange}
    />
  );
}

export function AreaWords({ body, onChange, eyes = true }: { body: Body; onChange: Take; eyes?: boolean }) {
  const has = body.areas as Area[];
  const finds = body.eye_detection_areas as Area[];
  const withAreas = (next: Area[], find: Area[]): Body => ({
    ...body,
    areas: next as Body["areas"],
    eye_detection_areas: find as Body["eye_detection_areas"],
  });
  return (
    <Rows
      name="area"
      body={body}
      rows={areas.map(({ value: area, words }) => ({
        value: area,
        words,
        has: has.includes(area),
        mark: <AreaMark area={area} />,
        after: eyes && (
          <label className="has eyes">
            <input
              type="checkbox"
              checked={finds.includes(area)}
              disabled={!has.includes(area) || body.detects.length === 0}
              onChange={(event) =>
                onChange(withAreas(has, flipped(finds, area, event.target.checked)), newGesture("has"))
              }
            />
            finds eyes<span className="unseen"> in {words}</span>
          </label>
        ),
      }))}
      onHas={(value, on) => {
        const next = flipped(has, value as Area, on);
        if (next.length > 0)
          onChange(
            withAreas(
              next,
              finds.filter((one) => next.includes(one)),
            ),
            newGesture("has"),
          );
      }}
      onChange={onChange}
    />
  );
}

export function KindWords({ body, onChange }: { body: Body; onChange: Take }) {
  return (
    <Rows
      name="detection"
      body={body}
      rows={detections.map((kind) =>
        kind.value === "none"
          ? { value: kind.value, words: kind.words }
          : { value: kind.value, words: kind.plural, has: body.detects.includes(kind.value) },
      )}
      onHas={(value, on) => {
        const detects = flipped(body.detects as string[], value, on) as Body["detects"];
        // who finds nothing finds no eyes
        onChange({ ...body, detects, ...(detects.length === 0 && { eye_detection_areas: [] }) }, newGesture("has"));
      }}
      onChange={onChange}
    />
  );
}

export function AidWords({ body, onChange }: { body: Body; onChange: Take }) {
  const has = body.aids ?? [];
  return (
    <Rows
      name="aids"
      body={body}
      rows={focusAids.map((aid) => ({ ...aid, has: has.includes(aid.value) }))}
      onHas={(value, on) =>
        onChange({ ...body, aids: flipped(has as string[], value, on) as NonNullable<Body["aids"]> }, newGesture("has"))
      }
      onChange={onChange}
    />
  );
}

/** What the body calls a setting, and where that is. */
export function SettingHead({ name, body, onChange }: { name: SettingName; body: Body; onChange: Take }) {
  const setting = settingOf(body, name);
  return (
    <div className="setting-head">
      <TextInput
        label={`What it calls ${ours[name]}`}
        className="setting-own"
        value={setting.name}
        onChange={(text, gesture) => onChange(told(body, name, { name: text }), gesture)}
      />
      <span className="note">{ours[name]}</span>
      <WhereEditor
        of={ours[name]}
        where={setting.where}
        controls={body.controls ?? []}
        onChange={(where, gesture) => onChange(told(body, name, { where }), gesture)}
      />
    </div>
  );
}

/** The drive's own words, each with the frames a second it stands for; 0 is one frame a press. */
function DriveBlock({ body, onChange }: { body: Body; onChange: Take }) {
  const drive: Scale = body.dialect?.drive ?? {
    name: "drive",
    where: {},
    steps: [
      { word: "single", at: 0 },
      { word: "bursts", at: body.fps },
    ],
  };
  const set = (change: Partial<Scale>, gesture: string): void =>
    onChange({ ...body, dialect: { ...body.dialect, drive: { ...drive, ...change } } }, gesture);
  const steps = (next: Scale["steps"][number][]): Scale["steps"] => next as Scale["steps"];
  return (
    <section className="setting-block">
      <div className="setting-head">
        <TextInput
          label="What it calls drive"
          className="setting-own"
          value={drive.name}
          onChange={(name, gesture) => set({ name }, gesture)}
        />
        <span className="note">drive</span>
        <WhereEditor
          of="drive"
          where={drive.where}
          controls={body.controls ?? []}
          onChange={(where, gesture) => set({ where }, gesture)}
        />
      </div>
      <ul className="word-list">
        {drive.steps.map((step, at) => (
          <li key={at} className="drive-step">
            <TextInput
              label={`Drive, word ${at + 1}`}
              value={step.word}
              most={40}
              onChange={(word, gesture) => set({ steps: steps(drive.steps.with(at, { ...step, word })) }, gesture)}
            />
            <span>
              <NumberField
                bare
                label={`Frames a second of ${step.word}`}
                quantity="rate"
                units="metric"
                value={step.at}
                range={[0, 240]}
                onChange={(value) =>
                  set({ steps: steps(drive.steps.with(at, { ...step, at: value })) }, newGesture("drive"))
                }
              />{" "}
              a second
            </span>
            {drive.steps.length > 1 && (
              <TakeOut
                what={step.word}
                onClick={() => set({ steps: steps(drive.steps.toSpliced(at, 1)) }, newGesture("drive"))}
              />
            )}
          </li>
        ))}
      </ul>
      <button
        type="button"
        className="quiet add"
        disabled={drive.steps.length >= 24}
        onClick={() => set({ steps: steps([...drive.steps, { word: "another", at: body.fps }]) }, newGesture("drive"))}
      >
        Add a drive
      </button>
    </section>
  );
}

/** What the body can do, what it calls it, and where that lives: capability and word side by side. */
export function BodyWords({ body, onChange }: { body: Body; onChange: Take }) {
  const assumed = (part: Part) =>
    isAssumed(body, part) && <AssumedNote onConfirm={() => onChange(confirmed(body, part), newGesture("said"))} />;
  return (
    <div className="words">
      <section className="setting-block">
        <SettingHead name="focus_mode" body={body} onChange={onChange} />
        {assumed("modes")}
        <ModeWords body={body} onChange={onChange} />
      </section>
      <section className="setting-block">
        <SettingHead name="area" body={body} onChange={onChange} />
        {assumed("areas")}
        <AreaWords body={body} onChange={onChange} />
      </section>
      <section className="setting-block">
        <SettingHead name="detection" body={body} onChange={onChange} />
        {assumed("detects")}
        <KindWords body={body} onChange={onChange} />
      </section>
      <section className="setting-block">
        <SettingHead name="aids" body={body} onChange={onChange} />
        <AidWords body={body} onChange={onChange} />
      </section>
      <DriveBlock body={body} onChange={onChange} />
      {(["eye", "stabiliser", "buttons"] as const).map((name) => (
        <section key={name} className="setting-block">
          <SettingHead name={name} body={body} onChange={onChange} />
          <Rows name={name} body={body} rows={values[name] ?? []} onChange={onChange} />
        </section>
      ))}
      <section className="setting-block plain-settings">
        <h3>Where the rest lives</h3>
        {(["shutter", "aperture", "iso", "compensation", "limiter", "prefocus"] as const).map((name) => (
          <SettingHead key={name} name={name} body={body} onChange={onChange} />
        ))}
      </section>
    </div>
  );
}
