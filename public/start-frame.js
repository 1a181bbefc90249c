// The frame and the heading of the list stand before the application has come; the application takes them away.
const below = location.pathname.slice(new URL(".", document.currentScript.src).pathname.length);
if (/^(outings\/?)?$/.test(below)) document.getElementById("start").hidden = false;
