import Link from "next/link";
import { visitorSay } from "@/app/visitor-units";

export default async function NotFound() {
  const say = await visitorSay();
  return (
    <div className="panel space-y-3 p-6">
      <h1 className="text-2xl">There is nothing here</h1>
      <p>The page, or the cake it showed, is not in this kitchen.</p>
      <p className="flex gap-3">
        <Link href="/try" className="button button-next">
          {say`Try a tin`}
        </Link>
        <Link href="/cakes" className="button">
          To the cakes
        </Link>
      </p>
    </div>
  );
}
