import js from "@eslint/js";
import next from "@next/eslint-plugin-next";
import hooks from "eslint-plugin-react-hooks";
import tseslint from "typescript-eslint";

/** Things that kitchens of another country call otherwise. */
const CALLED_OTHERWISE =
  "(?<!Steady )(?<![-\\/\\w])(?:[Tt]ins?|[Ff]rostings?|[Cc]olours?|grey|centre|hob|cling film|worktop|plain flour)(?![-\\w])";
const ELSEWHERE = `/${CALLED_OTHERWISE}/`;
/** In a sentence or a label, not as the name of a field. */
const SAID_ELSEWHERE = `/^(?=.*\\s\\S|[A-Z]).*${CALLED_OTHERWISE}/`;

export default tseslint.config(
  { ignores: [".next/", "node_modules/", "data/", "next-env.d.ts", "src/data/migrations/"] },
  js.configs.recommended,
  {
    files: ["**/*.ts", "**/*.tsx"],
    extends: [tseslint.configs.strictTypeChecked],
    languageOptions: {
      parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname },
    },
    rules: {
      "@typescript-eslint/restrict-template-expressions": ["error", { allowNumber: true }],
      "@typescript-eslint/no-confusing-void-expression": ["error", { ignoreArrowShorthand: true }],
      "@typescript-eslint/switch-exhaustiveness-check": [
        "error",
        { considerDefaultExhaustiveForUnions: true },
      ],
    },
  },
  {
    files: ["**/*.ts", "**/*.tsx"],
    ignores: ["src/core/zod.ts"],
    rules: {
      "no-restricted-imports": [
        "error",
        {
          patterns: [
            {
              regex: "^zod(/|$)",
              message: "Import z from src/core/zod, where it is set up.",
            },
          ],
        },
      ],
    },
  },
  {
    files: ["src/**/*.ts", "src/**/*.tsx"],
    plugins: { "react-hooks": hooks, "@next/next": next },
    rules: { ...hooks.configs.recommended.rules, ...next.configs["core-web-vitals"].rules },
  },
  {
    files: ["src/components/**/*.tsx", "src/app/**/*.tsx"],
    rules: {
      "no-restricted-syntax": [
        "error",
        ...[
          `JSXText[value=${ELSEWHERE}]`,
          `JSXAttribute[name.name!=/^(?:className|href|key|value)$/] > Literal[value=${ELSEWHERE}]`,
          `JSXExpressionContainer Literal[value=${SAID_ELSEWHERE}]`,
          `:not(TaggedTemplateExpression, CallExpression[callee.name="say"]) > TemplateLiteral > TemplateElement[value.raw=${SAID_ELSEWHERE}]`,
        ].map((selector) => ({
          selector,
          message: "Called otherwise elsewhere: say`…` it (src/words/vocabulary.ts).",
        })),
      ],
    },
  },
  {
    files: ["**/*.mjs", "**/*.cjs"],
    languageOptions: {
      globals: {
        process: "readonly",
        console: "readonly",
        URL: "readonly",
        setTimeout: "readonly",
        clearTimeout: "readonly",
        setInterval: "readonly",
        clearInterval: "readonly",
        performance: "readonly",
        module: "writable",
        fetch: "readonly",
      },
    },
  },
);
