// Fonts are styles, and styles are for browsers.
module.exports = {};
