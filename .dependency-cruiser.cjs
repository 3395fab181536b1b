// Arrows point towards the core only; inside the core a station may use those before it, never
// after.
const stations = [
  "measure",
  "pantry",
  "tin",
  "recipe",
  "reading",
  "kind",
  "mix",
  "fill",
  "bake",
  "logbook",
  "cool",
  "build",
  "finish",
  "serve",
  "day",
  "caution",
  "freezer",
  "shopping",
  "plan",
  "ask",
  "kept",
  "live",
  "practice",
];

const laterStations = stations.slice(0, -1).map((station, index) => ({
  name: `core-${station}-knows-only-earlier-stations`,
  severity: "error",
  from: { path: `^src/core/${station}/`, pathNot: "[.]test[.]ts$" },
  to: { path: stations.slice(index + 1).map((later) => `^src/core/${later}/`) },
}));

const frontDoors = stations.map((station) => ({
  name: `core-${station}-is-entered-by-its-index`,
  severity: "error",
  from: { path: "^src/", pathNot: [`^src/core/${station}/`, "[.]test[.]ts$"] },
  to: { path: `^src/core/${station}/`, pathNot: "/index[.]ts$" },
}));

/** @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
  forbidden: [
    ...laterStations,
    ...frontDoors,
    {
      name: "core-is-pure",
      severity: "error",
      from: { path: "^src/core/", pathNot: "[.]test(-data)?[.]ts$" },
      to: {
        pathNot:
          "^src/core/|node_modules/(zod|ts-fsrs|htmlparser2|papaparse|date-fns|d3-array|d3-random|ml-matrix)/",
      },
    },
    {
      name: "words-need-only-the-core",
      severity: "error",
      from: { path: "^src/words/", pathNot: "[.]test[.]ts$" },
      to: { path: "^src/", pathNot: "^src/(core|words)/" },
    },
    {
      name: "data-knows-no-interface",
      severity: "error",
      from: { path: "^src/data/" },
      to: { path: "^src/(app|components|cli|workers)/" },
    },
    {
      name: "server-knows-no-routes",
      severity: "error",
      from: { path: "^src/server/", pathNot: "[.]test[.]ts$" },
      to: { path: "^src/(app|cli|workers)/" },
    },
    {
      name: "components-reach-data-only-through-the-app",
      severity: "error",
      from: { path: "^src/components/" },
      to: { path: "^src/(data|server|cli)/" },
    },
    { name: "no-cycles", severity: "error", from: {}, to: { circular: true } },
    {
      name: "no-vague-folders",
      severity: "error",
      from: {},
      to: { path: "^src/.*/(utils|helpers|lib|common)/" },
    },
  ],
  options: {
    doNotFollow: { path: "node_modules" },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: "tsconfig.json" },
    enhancedResolveOptions: {
      exportsFields: ["exports"],
      conditionNames: ["import", "require", "node", "default", "types"],
    },
  },
};
