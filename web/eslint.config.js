import hooks from "eslint-plugin-react-hooks";
import tseslint from "typescript-eslint";

export default tseslint.config(...tseslint.configs.strict, {
  files: ["src/**/*.{ts,tsx}"],
  ignores: ["src/api/generated/schema.d.ts"],
  plugins: { "react-hooks": hooks },
  rules: {
    "react-hooks/rules-of-hooks": "error",
    "react-hooks/exhaustive-deps": "error",
    "no-restricted-syntax": [
      "error",
      {
        selector: "JSXElement[openingElement.name.name='label'] JSXElement[openingElement.name.name='button']",
        message: "A press on a label's words would press the button: it is the first control in it. Put it beside.",
      },
    ],
  },
}, { ignores: ["src/api/generated/schema.d.ts"] });
