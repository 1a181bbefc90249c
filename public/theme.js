// Sets the kept theme before anything is painted: a white flash in a hide at night would be the worst of starts.
try {
  const kept = JSON.parse(localStorage.getItem("bp/preferences") || "{}");
  if (kept.theme === "dusk" || kept.theme === "hide") document.documentElement.dataset.theme = kept.theme;
} catch {
  // Storage closed or damaged: the day theme serves.
}
