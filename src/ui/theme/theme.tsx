import { createContext, useContext, useLayoutEffect, type ReactNode } from "react";
import tokens from "./tokens.json";

export type ThemeName = keyof typeof tokens;
export type Tokens = (typeof tokens)["day"];

/** The three lights of the application, in the order in which the evening goes. */
export const THEMES: readonly ThemeName[] = ["day", "dusk", "hide"];

const ThemeContext = createContext<ThemeName>("day");

/** Colours as values, for drawings; views take theirs from the stylesheet, which holds the same tokens. */
export const useTokens = (): Tokens => tokens[useContext(ThemeContext)];

export const useThemeName = (): ThemeName => useContext(ThemeContext);

function wear(theme: ThemeName): void {
  document.documentElement.dataset.theme = theme;
  const { paper } = tokens[theme];
  document.querySelector('meta[name="theme-color"]')?.setAttribute("content", paper);
}

/** The light of everything below. A provider within another takes over while it stands and then gives back. */
export function ThemeProvider({ theme, children }: { theme: ThemeName; children: ReactNode }) {
  const around = useThemeName();
  useLayoutEffect(() => {
    wear(theme);
    return () => wear(around);
  }, [theme, around]);
  return <ThemeContext.Provider value={theme}>{children}</ThemeContext.Provider>;
}

/** Drawings below in a light of their own, whatever the document wears: what is printed is drawn by day. */
export const DrawnIn = ({ theme, children }: { theme: ThemeName; children: ReactNode }) => (
  <ThemeContext.Provider value={theme}>{children}</ThemeContext.Provider>
);
