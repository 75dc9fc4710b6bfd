package brandeon.server.takeout;

import brandeon.core.publish.Picture;
import brandeon.core.text.Face;
import brandeon.server.live.PictureHtml;
import brandeon.server.recolour.Artworks;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.Locale;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import org.springframework.web.util.HtmlUtils;
import tools.jackson.databind.json.JsonMapper;

/**
 * A scene as one HTML file that works from disk: picture, fonts, pictures and the painter lie inside it, and its policy
 * lets it ask for nothing. What is live stands as it was when the file was made.
 */
@Component
class ScenePage {

    private static final Pattern PICTURE = Pattern.compile("/painted/([0-9a-f-]{36})/([^/\"]+)/[^\"&]+");

    private final Artworks artworks;
    private final JsonMapper json;
    private final String script;

    ScenePage(Artworks artworks, JsonMapper json) throws IOException {
        this.artworks = artworks;
        this.json = json;
        try (InputStream file = new ClassPathResource("static/alone.js").getInputStream()) {
            script = new String(file.readAllBytes(), StandardCharsets.UTF_8).replace("</script", "<\\/script");
        }
    }

    String of(String title, Picture picture) {
        String first = json.writeValueAsString(PictureHtml.First.of(picture)).replace("<", "\\u003c");
        return String.format(
                Locale.ROOT,
                """
                <!doctype html>
                <html lang="en">
                <head>
                <meta charset="utf-8">
                <meta http-equiv="Content-Security-Policy" content="default-src 'none'; img-src data:; font-src data:; style-src 'unsafe-inline'; script-src 'unsafe-inline'">
                <title>%s</title>
                <style>
                html, body { margin: 0; width: 100%%; height: 100%%; overflow: hidden; background: transparent; }
                #overlay { position: absolute; left: 0; top: 0; transform-origin: 0 0; }
                %s</style>
                </head>
                <body>
                <div id="overlay">%s</div>
                <script type="application/json" id="first">%s</script>
                <script>%s</script>
                </body>
                </html>
                """,
                HtmlUtils.htmlEscape(title),
                fonts(picture),
                inside(PictureHtml.layers(picture)),
                first,
                script);
    }

    private static String fonts(Picture picture) {
        StringBuilder css = new StringBuilder();
        for (Face face : picture.faces()) {
            face.bytes()
                    .ifPresent(bytes -> css.append("@font-face{font-family:\"")
                            .append(face.family())
                            .append("\";src:url(data:font/ttf;base64,")
                            .append(Base64.getEncoder().encodeToString(bytes))
                            .append(");font-display:block}\n"));
        }
        return css.toString();
    }

    /** With ready-made pictures inside it; one that is gone becomes one that shows nothing. */
    private String inside(String layers) {
        return PICTURE.matcher(layers)
                .replaceAll(found ->
                        Matcher.quoteReplacement(artworks.painted(UUID.fromString(found.group(1)), found.group(2), 0)
                                .map(one -> "data:" + one.type() + ";base64,"
                                        + Base64.getEncoder().encodeToString(one.content()))
                                .orElse("data:,")));
    }
}
