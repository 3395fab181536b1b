import type { NextConfig } from "next";

const config: NextConfig = {
  poweredByHeader: false,
  reactStrictMode: true,
  agentRules: false,
  // A recipe of the longest text, in a script of four bytes a letter, with all that is read from
  // it.
  experimental: { agentUpgrade: false, serverActions: { bodySizeLimit: "5mb" } },
};

export default config;
