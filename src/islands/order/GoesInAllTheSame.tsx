import { usePane } from "../panels/pane-context.ts";

/** Ordinary glass that is here where safety glass is called for: it waits for a reason, or for another pane. */
export function GoesInAllTheSame() {
  const { book, write } = usePane();
  return (
    <form
      className="flex flex-wrap items-end gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        const reason = String(new FormData(e.currentTarget).get("reason") ?? "").trim();
        write("order.stood-by", { ids: [...(book.stoodByOrder?.ids ?? []), "unsafe"], reason });
      }}
    >
      <label className="min-w-0 grow">
        <span className="text-[13px] text-mute">Why it may go in all the same</span>
        <input name="reason" required maxLength={200} pattern=".*\S.*" />
      </label>
      <button type="submit" className="btn">
        It goes in
      </button>
    </form>
  );
}
