import { createContext, useContext, useLayoutEffect, type ReactNode } from "react";
import tokens from "./tokens.json";

export type ThemeName = keyof typeof tokens;
export type Tokens = (typeof tokens)["day"];

/** The three lights of the application, in the order in which the evening goes. */
export const THEMES: readonly ThemeName[] = ["day", "dusk", "hide"];

const ThemeContext = createContext<Tokens>(tokens.day);

/** Colours as values, for drawings; views take theirs from the stylesheet, which holds the same tokens. */
export const useTokens = (): Tokens => useContext(ThemeContext);

export function ThemeProvider({ theme, children }: { theme: ThemeName; children: ReactNode }) {
  useLayoutEffect(() => {
    document.documentElement.dataset.theme = theme;
    document.querySelector('meta[name="theme-color"]')?.setAttribute("content", tokens[theme].paper);
  }, [theme]);
  return <ThemeContext.Provider value={tokens[theme]}>{children}</ThemeContext.Provider>;
}
