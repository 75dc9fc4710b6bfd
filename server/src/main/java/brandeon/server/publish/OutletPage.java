package brandeon.server.publish;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** The page that a browser source opens. A wrong or old link paints nothing on a live picture, and answers 404 or 410. */
@RestController
class OutletPage {

    private final Outlets outlets;
    private final Health health;

    OutletPage(Outlets outlets, Health health) {
        this.outlets = outlets;
        this.health = health;
    }

    @GetMapping("/o/{token}")
    ResponseEntity<Object> page(@PathVariable String token, HttpServletRequest request) throws IOException {
        return switch (outlets.open(token)) {
            case Outlets.Current _ -> ResponseEntity.ok().cacheControl(CacheControl.noCache()).contentType(html()).body(outletHtml());
            case Outlets.Old(Outlets.Outlet outlet) -> {
                health.oldLinkOpened(outlet.id(), System.currentTimeMillis());
                yield gone(request, HttpStatus.GONE, "This link was replaced or withdrawn. Copy the present one from the ledger.");
            }
            case Outlets.Unknown _ -> gone(request, HttpStatus.NOT_FOUND, "There is no source at this link. Copy it again from the ledger.");
        };
    }

    private static ResponseEntity<Object> gone(HttpServletRequest request, HttpStatus status, String sentence) {
        String accepts = request.getHeader("Accept");
        if (accepts != null && accepts.contains("text/html")) {
            return ResponseEntity.status(status).cacheControl(CacheControl.noStore()).contentType(html())
                    .body("<!doctype html><html lang=\"en\"><meta charset=\"utf-8\"><title>" + sentence + "</title><body></body></html>");
        }
        return ResponseEntity.status(status).contentType(MediaType.APPLICATION_PROBLEM_JSON).body(ProblemDetail.forStatusAndDetail(status, sentence));
    }

    private static MediaType html() {
        return new MediaType(MediaType.TEXT_HTML, StandardCharsets.UTF_8);
    }

    private static String outletHtml() throws IOException {
        try (InputStream page = new ClassPathResource("static/outlet.html").getInputStream()) {
            return new String(page.readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
