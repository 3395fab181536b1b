import { TriangleAlert } from "lucide-react";

/** Something is wrong with the kitchen itself, said where it matters. */
export function Trouble({ text }: { readonly text: string }) {
  return (
    <p role="alert" className="panel flex gap-2 border-tomato px-4 py-3 font-semibold">
      <TriangleAlert size={20} aria-hidden className="shrink-0 text-tomato" />
      {text}
    </p>
  );
}
