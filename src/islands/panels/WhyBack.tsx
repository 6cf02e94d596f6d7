import { REMAKE_WHY, REMAKE_WHYS, type RemakeWhy } from "../../core/learn/remake.ts";
import { WHOSE, WHOSE_NAMES, type Whose } from "../../core/order/had.ts";

type Props = { readonly why?: RemakeWhy | null; readonly whose?: Whose | null };

/** What went wrong with a pane that came back, and whose it is: two fields of a form, `why` and `whose`. */
export const WhyBack = ({ why = null, whose = null }: Props) => (
  <>
    <label>
      <span className="text-[13px] text-mute">What went wrong</span>
      <select name="why" defaultValue={why ?? ""} required>
        <option value="" disabled>
          choose
        </option>
        {REMAKE_WHYS.map((w) => (
          <option key={w} value={w}>
            {REMAKE_WHY[w].name}
          </option>
        ))}
      </select>
    </label>
    <label>
      <span className="text-[13px] text-mute">Whose</span>
      <select name="whose" defaultValue={whose ?? "not-known"}>
        {WHOSE.map((w) => (
          <option key={w} value={w}>
            {WHOSE_NAMES[w]}
          </option>
        ))}
      </select>
    </label>
  </>
);
