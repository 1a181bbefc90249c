// The frame and the heading of the list stand before the application has come; the application takes them away.
if (/^\/(outings\/?)?$/.test(location.pathname)) document.getElementById("start").hidden = false;
