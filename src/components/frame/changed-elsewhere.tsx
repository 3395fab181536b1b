import { clockText } from "@/words/dates";
import { useUnits } from "./units";
import type { SaveAction, SaveState } from "./autosave";

type ChangedElsewhereProps<T> = {
  /** What it is: "tin", "oven", "recipe". */
  readonly what: string;
  readonly state: SaveState<T>;
  readonly dispatch: (action: SaveAction<T>) => void;
  /** What becomes of the one that is not chosen. */
  readonly other: string;
  /** Called with what was not chosen. */
  readonly onSettled?: (left: T) => void;
};

/** Two pages changed the same box of one thing: the baker says which stays. */
export function ChangedElsewhere<T>({
  what,
  state,
  dispatch,
  other,
  onSettled,
}: ChangedElsewhereProps<T>) {
  const { units } = useUnits();
  const { conflict } = state;
  if (conflict === null) return null;
  const settle = (take: "mine" | "theirs"): void => {
    onSettled?.(take === "mine" ? conflict.value : state.value);
    dispatch({ type: "settled", take });
  };
  return (
    <div
      role="alert"
      className="mb-3 rounded-panel border-[1.5px] border-tomato bg-white px-4 py-3"
    >
      <p className="font-semibold text-tomato">
        This {what} was changed on another page at {clockText(conflict.at, units)}, in the same
        place as here.
      </p>
      <p className="text-[15px] text-ink-2">Choose which one stays. {other}</p>
      <div className="mt-2 flex flex-wrap gap-2">
        <button type="button" className="button button-next" onClick={() => settle("mine")}>
          Stay with this page
        </button>
        <button type="button" className="button" onClick={() => settle("theirs")}>
          Take the other page&apos;s
        </button>
      </div>
    </div>
  );
}
