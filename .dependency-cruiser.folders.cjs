// No circle between folders; tests may set up with what comes later.
const { options } = require("./.dependency-cruiser.cjs");

/** @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
  forbidden: [
    {
      name: "no-circle-between-folders",
      severity: "error",
      scope: "folder",
      from: { path: "^src/" },
      to: { circular: true },
    },
  ],
  options: { ...options, exclude: { path: "[.]test(-data)?[.]tsx?$" } },
};
