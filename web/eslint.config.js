import hooks from "eslint-plugin-react-hooks";
import tseslint from "typescript-eslint";

export default tseslint.config(...tseslint.configs.strict, {
  files: ["src/**/*.{ts,tsx}"],
  ignores: ["src/api/generated/schema.d.ts"],
  plugins: { "react-hooks": hooks },
  rules: { "react-hooks/rules-of-hooks": "error", "react-hooks/exhaustive-deps": "error" },
}, { ignores: ["src/api/generated/schema.d.ts"] });
