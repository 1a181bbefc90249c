/** How a figure is known and from where, once: a source that only repeats how it is known is not said again. */
export function knownWords({ known, source }: { readonly known: string; readonly source: string }): string {
  const said = source.toLowerCase().startsWith(known.toLowerCase()) ? source : `${known}: ${source}`;
  return `${said.charAt(0).toUpperCase()}${said.slice(1)}.`;
}
