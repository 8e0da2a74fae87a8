import reactHooks from "eslint-plugin-react-hooks";
import tseslint from "typescript-eslint";

export default tseslint.config(
  { ignores: ["build/**", ".react-router/**", "node_modules/**", ".data/**", "db/migrations/**"] },
  ...tseslint.configs.strict,
  {
    rules: {
      "@typescript-eslint/no-unused-vars": [
        "error",
        { argsIgnorePattern: "^_", varsIgnorePattern: "^_", ignoreRestSiblings: true },
      ],
      "@typescript-eslint/no-unused-expressions": ["error", { allowShortCircuit: true, allowTernary: true }],
      "no-console": "error",
      eqeqeq: "error",
    },
  },
  { files: ["app/**/*.{ts,tsx}"], ...reactHooks.configs.flat["recommended-latest"] },
  {
    files: ["core/**/*.ts"],
    ignores: ["**/*.test.ts"],
    rules: {
      "no-restricted-syntax": [
        "error",
        {
          selector:
            "VariableDeclarator > Identifier.id TSTypeReference[typeName.name='Record'] > TSTypeParameterInstantiation > TSStringKeyword:first-child",
          message: "A dictionary keyed by text answers to “constructor”: use a Map.",
        },
      ],
    },
  },
  { files: ["bench/**"], rules: { "no-console": "off" } },
);
