import type { Metadata } from "next";
import { Settings } from "@/components/settings/settings";

export const metadata: Metadata = { title: "Settings" };

export default function SettingsPage() {
  return (
    <>
      <h1 className="mt-2 mb-4 text-[27px]">Settings</h1>
      <Settings />
    </>
  );
}
