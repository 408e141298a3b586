import type { ReactNode } from "react";
import type { Plan, Units } from "../../api/types";
import { isTelling } from "../../hold/hold";
import { figures, show } from "../../units/quantity";

type Props = { plan: Plan; units: Units; map: ReactNode; onSchools: () => void; onRushes: () => void };

/** What would change the answer: its tipping points, other distances and speeds, other schools, and the hand. */
export function WhatIf({ plan, units, map, onSchools, onRushes }: Props) {
  const telling = plan.tipping.filter(isTelling);
  return (
    <section className="what-if" aria-label="What would change the answer">
      <div className="told-head">
        <h2>If it comes closer or faster</h2>
        <span>
          <button type="button" className="text-button" onClick={onSchools}>
            Compare schools of practice
          </button>
          <button type="button" className="text-button" onClick={onRushes}>
            Compare with another rush
          </button>
        </span>
      </div>
      {map}
      <div className="columns">
        <div className="told">
          <h2>What would change the answer</h2>
          {telling.length === 0 ? (
            <p className="note">Nothing near by: the hold stands for this rush and its neighbours.</p>
          ) : (
            <ul className="tips">
              {telling.map((tip) => (
                <li key={`${tip.dimension}-${tip.direction}-${tip.value}`}>
                  <span>{tip.condition}</span>
                  <b>{tip.change}</b>
                </li>
              ))}
            </ul>
          )}
        </div>
        {plan.hand !== null && <Hand hand={plan.hand} units={units} />}
      </div>
    </section>
  );
}

/** What the hand could do here, beside what autofocus does. */
function Hand({ hand, units }: { hand: NonNullable<Plan["hand"]>; units: Units }) {
  const { trap, pull, follow } = hand;
  const share = (part: number): string => `${Math.round(part * 100)} %`;
  return (
    <div className="told">
      <h2>By hand, it would be</h2>
      <ul className="tips">
        {trap !== null && (
          <li>
            <span>trap at {show(trap.distance_m, "length", units)}</span>
            <b>{trap.frames === null ? "sharp all the way" : `${figures(trap.frames, 2)} sharp frames`}</b>
          </li>
        )}
        <li>
          <span>pull, one sweep at {show(pull.sweep_mps, "speed", units, 2)}</span>
          <b>{figures(pull.frames, 2)} sharp frames</b>
        </li>
        <li>
          <span>follow with the ring</span>
          <b>
            {figures(follow.frames, 2)} of {figures(follow.window_frames, 2)} frames
          </b>
        </li>
        <li>
          <span>autofocus starts sooner than your hand from a hit rate of</span>
          <b>
            {hand.break_even_af_hit <= 0 ? "any" : hand.break_even_af_hit >= 1 ? "none" : share(hand.break_even_af_hit)}
          </b>
        </li>
      </ul>
    </div>
  );
}
