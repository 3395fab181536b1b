import type { Metadata, Viewport } from "next";
import { NuqsAdapter } from "nuqs/adapters/next/app";
import type { ReactNode } from "react";
import { Find } from "@/components/find/find";
import { Header } from "@/components/frame/header";
import { ToastProvider } from "@/components/frame/toasts";
import { TypedEarly } from "@/components/frame/typed-early";
import { RIGHT_TOLD } from "@/words/door";
import { UnitsProvider } from "@/components/frame/units";
import { rightOfVisitor } from "./who-asks";
import { visitorUnits, visitorSay } from "./visitor-units";
import "./globals.css";

/**
 * Every page carries its own nonce and the kitchen's own data, so none can be made ahead of the
 * request.
 */
export const dynamic = "force-dynamic";

export async function generateMetadata(): Promise<Metadata> {
  const say = await visitorSay();
  return {
    title: { default: "Steady Tin", template: "%s · Steady Tin" },
    description: say`The recipe's tin to your tin: how much batter, how hot, how long, and will it overflow?`,
  };
}

export const viewport: Viewport = { width: "device-width", initialScale: 1, themeColor: "#12304a" };

export default async function RootLayout({ children }: { readonly children: ReactNode }) {
  const units = await visitorUnits();
  const right = await rightOfVisitor();
  return (
    <html lang="en">
      <body>
        <a
          href="#work"
          className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-white focus:p-3"
        >
          Skip to the work
        </a>
        <NuqsAdapter>
          <UnitsProvider initial={units}>
            <ToastProvider>
              <Header>
                <Find />
              </Header>
              {right !== "all" && (
                <p className="no-print bg-yolk-soft px-4 py-1.5 text-center text-[15px]">
                  {RIGHT_TOLD[right]}
                </p>
              )}
              <main id="work" className="mx-auto max-w-7xl px-3 py-3 md:px-6">
                {children}
              </main>
              <TypedEarly />
            </ToastProvider>
          </UnitsProvider>
        </NuqsAdapter>
      </body>
    </html>
  );
}
