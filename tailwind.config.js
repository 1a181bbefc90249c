const tokens = require("./src/ui/theme/tokens.json");

const variables = (theme) =>
  Object.fromEntries(Object.entries(theme).map(([name, value]) => [`--${name}`, value]));
const names = Object.keys(tokens.day);

module.exports = {
  darkMode: "class", // with "media" the dev server fails on setting a scheme by hand
  content: ["./app/**/*.{ts,tsx}", "./src/**/*.{ts,tsx}"],
  presets: [require("nativewind/preset")],
  theme: {
    extend: {
      colors: Object.fromEntries(names.map((name) => [name, `var(--${name})`])),
      fontFamily: { text: ["Text-400"], semi: ["Text-600"], bold: ["Text-700"] },
    },
  },
  plugins: [
    ({ addBase }) =>
      addBase({
        ":root": variables(tokens.day),
        '[data-theme="dusk"]': variables(tokens.dusk),
        '[data-theme="hide"]': variables(tokens.hide),
      }),
  ],
};
