// Sets the kept theme before anything is painted: a white flash in a hide at night would be the worst of starts.
try {
  const kept = JSON.parse(localStorage.getItem("bp/preferences") || "{}");
  // A theme that follows the light is not known yet: it begins dark.
  const theme = kept.themeByLight && kept.theme !== "hide" ? "dusk" : kept.theme;
  if (theme === "dusk" || theme === "hide") document.documentElement.dataset.theme = theme;
} catch {
  // Storage closed or damaged: the day theme serves.
}

// The application then opens without a network. Browsers allow this on https and on this machine alone.
if ("serviceWorker" in navigator && window.isSecureContext) {
  const register = () => navigator.serviceWorker.register("/sw.js").catch(() => undefined);
  if (document.readyState === "complete") register();
  else window.addEventListener("load", register);
}
