package brandeon.server.problem;

import java.nio.charset.StandardCharsets;
import org.springframework.http.MediaType;

/** What an outlet shows where it has nothing to show: nothing at all, so that viewers never see an error. */
public final class BlankPage {

    public static final MediaType TYPE = new MediaType(MediaType.TEXT_HTML, StandardCharsets.UTF_8);
    /** For a link that shows nothing any more. It asks every minute, so that one knows where it is still open. */
    public static final String LAST =
            "<!doctype html><html lang=\"en\"><meta charset=\"utf-8\"><meta http-equiv=\"refresh\" content=\"60\"><title>Brandeon</title><body></body></html>";
    /** It asks again by itself, since a browser source has nobody who would press a key. */
    public static final String TEXT =
            "<!doctype html><html lang=\"en\"><meta charset=\"utf-8\"><meta http-equiv=\"refresh\" content=\"5\"><title>Brandeon</title><body></body></html>";

    private BlankPage() {}
}
