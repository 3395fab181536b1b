import type { Metadata } from "next";
import { FreshList } from "@/components/frame/kitchen-changed";
import { Trouble } from "@/components/frame/trouble";
import { Practice } from "@/components/practice/practice";
import { kitchenDatabase, listPracticeAnswers, stored } from "@/data";
import { storageText } from "@/words";

export const metadata: Metadata = { title: "Practice" };

/** What can be practised, and how she judges. */
export default async function PracticePage() {
  const answers = await stored(() => listPracticeAnswers(kitchenDatabase()));
  if (!answers.ok) return <Trouble text={storageText(answers.issue)} />;
  return (
    <>
      <FreshList />
      <Practice answers={answers.value} />
    </>
  );
}
