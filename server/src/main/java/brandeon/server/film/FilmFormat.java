package brandeon.server.film;

/** Files that a clip can be taken out as. All keep the see-through ground. */
enum FilmFormat {
    /** VP9 with an alpha plane. */
    WEBM(".webm", "video/webm"),
    APNG(".png", "image/apng"),
    /** One PNG a frame, numbered. */
    FRAMES(".zip", "application/zip");

    private final String ending;
    private final String type;

    FilmFormat(String ending, String type) {
        this.ending = ending;
        this.type = type;
    }

    String ending() {
        return ending;
    }

    String type() {
        return type;
    }
}
