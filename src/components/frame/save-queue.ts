import type { SaveOutcome } from "./outcome";

/**
 * Saves one thing, one save at a time: what arrives while one is under way waits, and only the last
 * of it.
 */
export type SaveQueue<T> = {
  /** Saves a value, at once or after the save that is under way. */
  readonly push: (value: T) => void;
  /** Who saves and who is told, as the page has them now. */
  readonly serve: (service: Service<T>) => void;
  /** The version the next save changes: another page's, when that was taken in. */
  readonly setVersion: (version: number) => void;
  readonly isSaving: () => boolean;
  /**
   * The page it belonged to is gone: it is told nothing more, but what is done once all is kept.
   */
  readonly leave: (onKept?: () => void) => void;
};

type Service<T> = {
  readonly save: (value: T, version: number) => Promise<SaveOutcome<T>>;
  readonly onOutcome: (value: T, outcome: SaveOutcome<T>) => void;
};

/**
 * A {@link SaveQueue}. After a save that failed nothing that waited is sent: whoever pushes decides
 * what is saved then.
 * @param opened the version that was opened
 * @param unreachable what is said when the server does not answer
 */
export function saveQueue<T>(opened: number, unreachable: string): SaveQueue<T> {
  let version = opened;
  let service: Service<T> | null = null;
  let isSaving = false;
  let waiting: { readonly value: T } | null = null;
  let hasLeft = false;
  let onAllKept: (() => void) | undefined;

  async function run(value: T): Promise<void> {
    if (service === null) throw new RangeError("nobody saves for this queue yet");
    isSaving = true;
    const outcome = await service
      .save(value, version)
      .catch((): SaveOutcome<T> => ({ ok: false, message: unreachable }));
    isSaving = false;
    version = (outcome.ok ? outcome.version : outcome.keptAs) ?? version;
    if (!hasLeft) service.onOutcome(value, outcome);
    const next = waiting;
    waiting = null;
    if (next !== null && outcome.ok) await run(next.value);
    else if (outcome.ok) onAllKept?.();
  }

  return {
    push: (value) => {
      if (isSaving) waiting = { value };
      else void run(value);
    },
    serve: (next) => {
      service = next;
      hasLeft = false;
      onAllKept = undefined;
    },
    setVersion: (next) => {
      version = next;
    },
    isSaving: () => isSaving,
    leave: (onKept) => {
      hasLeft = true;
      onAllKept = onKept;
    },
  };
}
