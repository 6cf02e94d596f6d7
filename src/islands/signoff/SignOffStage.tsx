import { inspectionHere } from "../../core/pane/inspection.ts";
import { inspectionLook } from "../../core/signoff/inspection.ts";
import type { Board as BoardDrawn } from "../../drawing/board.ts";
import { inspectionSpots } from "../../drawing/inspection-places.ts";
import { usePane } from "../panels/pane-context.ts";
import { Board } from "../stage/Board.tsx";
import { photosTab } from "../stage/photos-tab.tsx";
import { Stage } from "../stage/Stage.tsx";
import { useStage } from "../stage/stage-context.ts";
import { Aftercare, Snags } from "./AtTheEnd.tsx";
import { lookNow } from "./look-now.ts";

/** The sash with each look where it is; behind tabs what fell short, the customer's page and the photos. */
export function SignOffStage() {
  const { book } = usePane();
  const short = book.snags.filter((s) => !s.done).length;
  return (
    <Stage
      tabs={[
        { id: "sash", name: "The sash", content: <Looks /> },
        {
          id: "short",
          name: "What fell short",
          more: short > 0 ? String(short) : undefined,
          content: <Snags />,
        },
        { id: "customer", name: "For the customer", content: <Aftercare /> },
        photosTab("signoff", book),
      ]}
    />
  );
}

function Looks() {
  const { book, reckoning: r, say, today } = usePane();
  const { step, openStep } = useStage();
  const items = inspectionHere(book, r, today);
  const now = lookNow(items, book.checks, step);
  const state = (id: string) => book.checks.get(id)?.good;
  const at = (b: BoardDrawn) => inspectionSpots(b, items);
  return (
    <figure className="flex h-full min-h-0 flex-col">
      <figcaption className="pb-1">
        <strong className="font-semibold">From {book.added.side}</strong>{" "}
        <span className="text-mute">each look stands where it is: tap one to open it</span>
      </figcaption>
      <Board
        glass="new"
        says={say(`What is looked at, ${items.filter((i) => state(i.id)).length} of ${items.length} good`)}
        spots={(b) =>
          items.flatMap((i) => {
            const spot = at(b).get(i.id);
            return spot
              ? [
                  {
                    id: i.id,
                    at: spot,
                    width: 44,
                    height: 44,
                    says: say(
                      `${inspectionLook(i.id)}: ${state(i.id) === undefined ? "not looked at" : state(i.id) ? "good" : "not yet"}`,
                    ),
                    pressed: i === now,
                    tap: () => openStep(i.id),
                  },
                ]
              : [];
          })
        }
        over={(b) =>
          items.map((i, n) => {
            const spot = at(b).get(i.id);
            if (!spot) return null;
            const good = state(i.id);
            return (
              <g key={i.id}>
                <circle
                  cx={spot.x}
                  cy={spot.y}
                  r={17}
                  className={i === now ? "d-due" : good ? "d-done" : good === false ? "d-fault" : "d-disk"}
                />
                <text
                  x={spot.x}
                  y={spot.y + 6}
                  textAnchor="middle"
                  className={`!text-[16px] font-bold ${good !== undefined && i !== now ? "fill-paper" : "fill-[#22272a]"}`}
                >
                  {good ? "✓" : good === false ? "!" : n + 1}
                </text>
              </g>
            );
          })
        }
      />
    </figure>
  );
}
