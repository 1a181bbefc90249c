/** Opens the browser's print dialog for a document of its own, beside the page and gone when it is done. */
export function printDocument(html: string): void {
  document.querySelector("iframe[data-print]")?.remove();
  const frame = document.createElement("iframe");
  frame.dataset.print = "";
  frame.title = "What is printed";
  frame.setAttribute("aria-hidden", "true");
  frame.style.cssText = "position:fixed;width:0;height:0;border:0;right:0;bottom:0";
  frame.srcdoc = html;
  frame.onload = () => frame.contentWindow?.print();
  document.body.append(frame);
}
