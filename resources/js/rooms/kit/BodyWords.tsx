import type { ReactNode } from "react";
import { areaNames } from "../../hold/hold";
import { newGesture } from "../../keeper/gesture";
import { AreaMark } from "./AreaMark";
import { NumberField, TakeOut, TextInput, WhereEditor } from "./inputs";
import { areas, kinds, modes, type Area, type Body, type Dialect, type Scale, type Where } from "./kit";

type Take = (body: Body, gesture: string) => void;
type SettingName = Exclude<keyof Dialect, "drive" | "tuning">;
type Setting = { name: string; where: Where; words: Record<string, string> };

const ours: Record<SettingName, string> = {
  focus_mode: "focus mode",
  area: "AF area",
  detection: "detection",
  eye: "eye detection",
  stabiliser: "stabiliser",
  limiter: "limiter",
  shutter: "shutter",
  aperture: "aperture",
  iso: "ISO",
  compensation: "exposure compensation",
  buttons: "what a key does",
  prefocus: "pre-focus",
};

/** Values that every body has, with our words for them. */
const values: Partial<Record<SettingName, { value: string; words: string }[]>> = {
  eye: [
    { value: "on", words: "on" },
    { value: "off", words: "off" },
  ],
  stabiliser: [
    { value: "off", words: "off" },
    { value: "on", words: "on" },
    { value: "panning", words: "panning mode" },
  ],
  buttons: [
    { value: "focus", words: "starts focus" },
    { value: "recall", words: "recalls a set" },
    { value: "stop", words: "stops focus" },
    { value: "point", words: "moves the point" },
  ],
};

const settingOf = (body: Body, name: SettingName): Setting =>
  (body.dialect?.[name] as Setting | undefined) ?? { name: ours[name], words: {}, where: { menu: ["Menu"] } };

const told = (body: Body, name: SettingName, change: Partial<Setting>): Body => ({
  ...body,
  dialect: { ...body.dialect, [name]: { ...settingOf(body, name), ...change } } as Dialect,
});

const flipped = <T extends string>(list: readonly T[], value: T, on: boolean): T[] =>
  on ? [...list, value] : list.filter((one) => one !== value);

type Row = { value: string; words: string; has?: boolean; mark?: ReactNode; after?: ReactNode };

/** The values of a setting: whether the body has each, and its own word for it. */
function Rows({
  name,
  body,
  rows,
  onHas,
  onTake,
}: {
  name: SettingName;
  body: Body;
  rows: Row[];
  onHas?: (value: string, on: boolean) => void;
  onTake: Take;
}) {
  const setting = settingOf(body, name);
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
            placeholder={row.has === false ? "it has none" : row.words}
            onTake={(word, gesture) => {
              const { [row.value]: _old, ...rest } = setting.words;
              onTake(told(body, name, { words: word === "" ? rest : { ...rest, [row.value]: word } }), gesture);
            }}
          />
          {row.after}
        </li>
      ))}
    </ul>
  );
}

export function ModeWords({ body, onTake }: { body: Body; onTake: Take }) {
  return (
    <Rows
      name="focus_mode"
      body={body}
      rows={modes.map((mode) => ({ ...mode, has: body.modes.includes(mode.value) }))}
      onHas={(value, on) => {
        const next = flipped(body.modes as string[], value, on);
        // a body must focus somehow besides guessing
        if (next.some((mode) => mode !== "auto-switch"))
          onTake({ ...body, modes: next as unknown as Body["modes"] }, newGesture("has"));
      }}
      onTake={onTake}
    />
  );
}

export function AreaWords({ body, onTake, eyes = true }: { body: Body; onTake: Take; eyes?: boolean }) {
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
      rows={areas.map((area) => ({
        value: area,
        words: areaNames[area].toLowerCase(),
        has: has.includes(area),
        mark: <AreaMark area={area} />,
        after: eyes && (
          <label className="has eyes">
            <input
              type="checkbox"
              checked={finds.includes(area)}
              disabled={!has.includes(area)}
              onChange={(event) =>
                onTake(withAreas(has, flipped(finds, area, event.target.checked)), newGesture("has"))
              }
            />
            finds eyes<span className="unseen"> in {areaNames[area].toLowerCase()}</span>
          </label>
        ),
      }))}
      onHas={(value, on) => {
        const next = flipped(has, value as Area, on);
        if (next.length > 0)
          onTake(
            withAreas(
              next,
              finds.filter((one) => next.includes(one)),
            ),
            newGesture("has"),
          );
      }}
      onTake={onTake}
    />
  );
}

export function KindWords({ body, onTake }: { body: Body; onTake: Take }) {
  return (
    <Rows
      name="detection"
      body={body}
      rows={[
        ...kinds.map((kind) => ({ ...kind, has: body.detects.includes(kind.value) })),
        { value: "none", words: "off" },
      ]}
      onHas={(value, on) =>
        onTake({ ...body, detects: flipped(body.detects as string[], value, on) as Body["detects"] }, newGesture("has"))
      }
      onTake={onTake}
    />
  );
}

/** What the body calls a setting, and where that is. */
export function SettingHead({ name, body, onTake }: { name: SettingName; body: Body; onTake: Take }) {
  const setting = settingOf(body, name);
  return (
    <div className="setting-head">
      <TextInput
        label={`What it calls ${ours[name]}`}
        className="setting-own"
        value={setting.name}
        onTake={(text, gesture) => onTake(told(body, name, { name: text }), gesture)}
      />
      <span className="note">{ours[name]}</span>
      <WhereEditor
        of={ours[name]}
        where={setting.where}
        controls={body.controls ?? []}
        onTake={(where, gesture) => onTake(told(body, name, { where }), gesture)}
      />
    </div>
  );
}

/** The drive's own words, each with the frames a second it stands for; 0 is one frame a press. */
function DriveBlock({ body, onTake }: { body: Body; onTake: Take }) {
  const drive: Scale = body.dialect?.drive ?? {
    name: "drive",
    where: { menu: ["Menu"] },
    steps: [
      { word: "single", at: 0 },
      { word: "bursts", at: body.fps },
    ],
  };
  const set = (change: Partial<Scale>, gesture: string): void =>
    onTake({ ...body, dialect: { ...body.dialect, drive: { ...drive, ...change } } }, gesture);
  const steps = (next: Scale["steps"][number][]): Scale["steps"] => next as Scale["steps"];
  return (
    <section className="setting-block">
      <div className="setting-head">
        <TextInput
          label="What it calls drive"
          className="setting-own"
          value={drive.name}
          onTake={(name, gesture) => set({ name }, gesture)}
        />
        <span className="note">drive</span>
        <WhereEditor
          of="drive"
          where={drive.where}
          controls={body.controls ?? []}
          onTake={(where, gesture) => set({ where }, gesture)}
        />
      </div>
      <ul className="word-list">
        {drive.steps.map((step, at) => (
          <li key={at} className="drive-step">
            <TextInput
              label={`Drive, word ${at + 1}`}
              value={step.word}
              most={40}
              onTake={(word, gesture) => set({ steps: steps(drive.steps.with(at, { ...step, word })) }, gesture)}
            />
            <span>
              <NumberField
                bare
                label={`Frames a second of ${step.word}`}
                quantity="plain"
                units="metric"
                value={step.at}
                range={[0, 240]}
                onTake={(value) =>
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
  return (
    <div className="words">
      <section className="setting-block">
        <SettingHead name="focus_mode" body={body} onTake={onChange} />
        <ModeWords body={body} onTake={onChange} />
      </section>
      <section className="setting-block">
        <SettingHead name="area" body={body} onTake={onChange} />
        <AreaWords body={body} onTake={onChange} />
      </section>
      <section className="setting-block">
        <SettingHead name="detection" body={body} onTake={onChange} />
        <KindWords body={body} onTake={onChange} />
      </section>
      <DriveBlock body={body} onTake={onChange} />
      {(["eye", "stabiliser", "buttons"] as const).map((name) => (
        <section key={name} className="setting-block">
          <SettingHead name={name} body={body} onTake={onChange} />
          <Rows name={name} body={body} rows={values[name] ?? []} onTake={onChange} />
        </section>
      ))}
      <section className="setting-block plain-settings">
        <h3>Where the rest lives</h3>
        {(["shutter", "aperture", "iso", "compensation", "limiter", "prefocus"] as const).map((name) => (
          <SettingHead key={name} name={name} body={body} onTake={onChange} />
        ))}
      </section>
    </div>
  );
}
