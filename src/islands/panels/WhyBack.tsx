import { useState } from "react";
import { REMAKE_WHY, REMAKE_WHYS, type RemakeWhy } from "../../core/learn/remake.ts";
import { WHOSE, WHOSE_NAMES, type Whose } from "../../core/order/had.ts";
import { PickOne } from "../ui/PickOne.tsx";

type Props = { readonly why?: RemakeWhy | null; readonly whose?: Whose | null };

/** What went wrong with a pane that came back, and whose it is: two fields of a form, `why` and `whose`. */
export function WhyBack({ why: whyFirst = null, whose: whoseFirst = null }: Props) {
  const [why, setWhy] = useState(whyFirst);
  const [whose, setWhose] = useState<Whose>(whoseFirst ?? "not-known");
  return (
    <>
      <PickOne
        name="What went wrong"
        field="why"
        of={REMAKE_WHYS.map((w) => [w, REMAKE_WHY[w].name] as const)}
        value={why}
        change={setWhy}
      />
      <PickOne
        name="Whose"
        field="whose"
        of={WHOSE.map((w) => [w, WHOSE_NAMES[w]] as const)}
        value={whose}
        change={setWhose}
      />
    </>
  );
}
