// The frame and the heading of the list stand before the application has come; the application takes them away. Names nothing: scripts of
// a page share theirs, and the minifier gives both the same letters.
if (/^(outings\/?)?$/.test(location.pathname.slice(new URL(".", document.currentScript.src).pathname.length)))
  document.getElementById("start").hidden = false;
