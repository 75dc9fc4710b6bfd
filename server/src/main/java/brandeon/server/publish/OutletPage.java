package brandeon.server.publish;

import brandeon.core.publish.Picture;
import brandeon.core.text.Face;
import brandeon.server.live.Feeds;
import brandeon.server.live.FontController;
import brandeon.server.live.PictureHtml;
import brandeon.server.problem.BlankPage;
import brandeon.server.web.ContentPolicy;
import brandeon.server.web.Packed;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/**
 * The page that a browser source opens, with the picture of this moment in it, so that it is painted without another
 * request. A wrong or old link paints nothing on a live picture, and answers 404 or 410.
 */
@RestController
class OutletPage {

    /** A script of the page as it is built, or what it will ask for. */
    private static final Pattern SCRIPT =
            Pattern.compile("\\s*<(?:script type=\"module\"[^>]* src|link rel=\"modulepreload\"[^>]* href)"
                    + "=\"(/assets/[^\"]+)\">(?:</script>)?");
    /**
     * Scripts that are fetched any earlier take the processor from the first frame, a sixth of the time until it
     * stands. A hidden page has no frames, and where nothing is to be seen yet, no paint is told of.
     */
    private static final String BEGIN = """
            {
              let begun = false;
              const begin = () => {
                if (begun) return;
                begun = true;
                for (const script of %s) void import(script);
              };
              new PerformanceObserver(begin).observe({ type: "paint", buffered: true });
              setTimeout(begin, document.hidden ? 0 : 400);
            }""";

    private final Outlets outlets;
    private final OldLinks oldLinks;
    private final Feeds feeds;
    private final JsonMapper json;
    private final Packed packed;
    private final String page;
    /** The script that stands in the page, as the page's policy names it. */
    private final String allowed;

    OutletPage(Outlets outlets, OldLinks oldLinks, Feeds feeds, JsonMapper json, Packed packed) throws IOException {
        this.outlets = outlets;
        this.oldLinks = oldLinks;
        this.feeds = feeds;
        this.json = json;
        this.packed = packed;
        try (InputStream file = new ClassPathResource("static/outlet.html").getInputStream()) {
            String built = new String(file.readAllBytes(), StandardCharsets.UTF_8);
            List<String> scripts =
                    SCRIPT.matcher(built).results().map(found -> found.group(1)).toList();
            if (scripts.isEmpty()) {
                throw new IllegalStateException("The page of outlets was built without its scripts.");
            }
            String begin = String.format(Locale.ROOT, BEGIN, json.writeValueAsString(scripts));
            allowed = ContentPolicy.inline(begin);
            page = SCRIPT.matcher(built)
                    .replaceAll("")
                    .replace("</head>", "<style>" + FontController.css(Face.shipped()) + "</style></head>")
                    .replace("</body>", "<script>" + begin + "</script></body>");
        }
    }

    @GetMapping("/o/{token}")
    ResponseEntity<?> page(@PathVariable String token, HttpServletRequest request) throws IOException {
        return switch (outlets.open(token)) {
            case Outlets.Current(Outlets.Outlet outlet) -> {
                Picture picture = feeds.now(outlet.feed(
                        Optional.ofNullable(request.getQueryString()).orElse("")));
                yield packed.answer(
                        ResponseEntity.ok()
                                .cacheControl(CacheControl.noCache())
                                .contentType(BlankPage.TYPE)
                                .header(ContentPolicy.HEADER, ContentPolicy.of(request, allowed)),
                        request,
                        "page of " + picture.hash(),
                        () -> painted(picture).getBytes(StandardCharsets.UTF_8));
            }
            case Outlets.Old(Outlets.Outlet outlet) -> {
                oldLinks.opened(
                        outlet.id(),
                        Visitor.named(
                                request.getRemoteAddr(),
                                Optional.ofNullable(request.getHeader(HttpHeaders.USER_AGENT))
                                        .orElse("")));
                yield gone(
                        request,
                        HttpStatus.GONE,
                        "This link was replaced or withdrawn. Copy the present one from the ledger.");
            }
            case Outlets.Unknown _ ->
                gone(request, HttpStatus.NOT_FOUND, "There is no source at this link. Copy it again from the ledger.");
        };
    }

    private static ResponseEntity<Object> gone(HttpServletRequest request, HttpStatus status, String sentence) {
        String accepts = request.getHeader("Accept");
        if (accepts != null && accepts.contains("text/html")) {
            return ResponseEntity.status(status)
                    .cacheControl(CacheControl.noStore())
                    .contentType(BlankPage.TYPE)
                    .body(BlankPage.LAST);
        }
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(ProblemDetail.forStatusAndDetail(status, sentence));
    }

    private String painted(Picture picture) {
        // A font that is preloaded holds up the first frame; without that, the browser asks for it as soon as it lays
        // out the words.
        String fonts = "<style>"
                + FontController.css(
                        picture.faces().stream().filter(Face::isOwn).toList()) + "</style>";
        // Within a script element only "<" could end it.
        String first = json.writeValueAsString(PictureHtml.First.of(picture)).replace("<", "\\u003c");
        return page.replace("</head>", fonts + "</head>")
                .replace(
                        "<div id=\"overlay\"></div>",
                        "<div id=\"overlay\">" + PictureHtml.beforeFaces(picture)
                                + "</div><script type=\"application/json\" id=\"first\">" + first + "</script>");
    }
}
