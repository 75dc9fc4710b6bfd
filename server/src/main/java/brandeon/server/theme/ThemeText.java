package brandeon.server.theme;

/** A theme's document as stored, with the version that it is. */
record ThemeText(long version, String document) {}
