import type { CountLoss } from "../../generated/answers";
import { percent } from "../../units/counts";

/** What frames are lost to: as rehearsals expect it, and as it came home. */
export function Losses({ losses }: { losses: CountLoss[] }) {
  const most = Math.max(0.05, ...losses.flatMap((loss) => [loss.promised, loss.found]));
  return (
    <table className="losses">
      <caption className="unseen">What frames are lost to</caption>
      <thead>
        <tr className="unseen">
          <th scope="col">lost to</th>
          <th scope="col">promised</th>
          <th scope="col">found</th>
        </tr>
      </thead>
      <tbody>
        {losses.map((loss) => (
          <tr key={loss.loss}>
            <th scope="row">{loss.words}</th>
            <td aria-hidden="true">
              <span className="loss-expected" style={{ width: `${(100 * loss.promised) / most}%` }} />
              <span className="loss-found" style={{ width: `${(100 * loss.found) / most}%` }} />
            </td>
            <td className="note">
              {percent(loss.promised)} expected, <b>{percent(loss.found)}</b> found
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
