package brandeon.server.access;

import brandeon.server.door.RateLimits;
import brandeon.server.door.RateLimits.Door;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import org.springframework.http.server.PathContainer;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.util.pattern.PathPattern;
import org.springframework.web.util.pattern.PathPatternParser;

/**
 * Which address is which door. Signed-in people are counted by account, links by their token, others by where they
 * are.
 */
@Component
class RateLimitDoors implements HandlerInterceptor, WebMvcConfigurer {

    private enum By {
        PERSON,
        TOKEN,
        ADDRESS
    }

    private record Rule(String method, PathPattern path, Door door, By by) {
        static Rule of(String method, String path, Door door, By by) {
            return new Rule(method, PathPatternParser.defaultInstance.parse(path), door, by);
        }
    }

    private static final List<Rule> RULES = List.of(
            Rule.of("POST", "/api/session", Door.SIGN_IN_ADDRESS, By.ADDRESS),
            Rule.of("POST", "/api/session/passkey", Door.SIGN_IN_ADDRESS, By.ADDRESS),
            Rule.of("POST", "/api/session/passkey/challenge", Door.SIGN_IN_ADDRESS, By.ADDRESS),
            Rule.of("GET", "/api/invitations/{token}", Door.INVITATION, By.ADDRESS),
            Rule.of("POST", "/api/recovery", Door.SIGN_IN_ADDRESS, By.ADDRESS),
            Rule.of("GET", "/api/recovery/{token}", Door.INVITATION, By.ADDRESS),
            Rule.of("POST", "/api/recovery/{token}", Door.SIGN_IN_ADDRESS, By.ADDRESS),
            Rule.of("POST", "/api/themes/{theme}/messages", Door.MESSAGE_CHECK, By.PERSON),
            Rule.of("POST", "/api/themes/{theme}/artworks", Door.UPLOAD, By.PERSON),
            Rule.of("POST", "/api/themes/{theme}/faces", Door.UPLOAD, By.PERSON),
            Rule.of("PUT", "/api/themes/{theme}/packs/{pack}/files/{number}", Door.UPLOAD, By.PERSON),
            Rule.of("POST", "/api/themes/{theme}/packs/{pack}/picture", Door.PREVIEW, By.PERSON),
            Rule.of("POST", "/api/themes/{theme}/packs/{pack}/findings", Door.PREVIEW, By.PERSON),
            Rule.of("POST", "/api/palettes/read", Door.UPLOAD, By.PERSON),
            Rule.of("POST", "/api/packages", Door.UPLOAD, By.PERSON),
            Rule.of("POST", "/api/workspaces/file", Door.UPLOAD, By.PERSON),
            Rule.of("GET", "/api/workspaces/{workspace}/file.zip", Door.CLIP, By.PERSON),
            Rule.of("GET", "/api/themes/{theme}/package.zip", Door.EXPORT, By.PERSON),
            Rule.of("GET", "/api/themes/{theme}/samples/{*rest}", Door.PREVIEW, By.PERSON),
            Rule.of("GET", "/api/themes/{theme}/pieces/{piece}/preview", Door.PREVIEW, By.PERSON),
            Rule.of("GET", "/api/themes/{theme}/pieces/{piece}/motion", Door.PREVIEW, By.PERSON),
            Rule.of("GET", "/api/themes/{theme}/artworks/{id}/before", Door.PREVIEW, By.PERSON),
            Rule.of("GET", "/api/themes/{theme}/artworks/{id}/after", Door.PREVIEW, By.PERSON),
            Rule.of("GET", "/api/themes/{theme}/artworks/recoloured.zip", Door.EXPORT, By.PERSON),
            Rule.of("GET", "/api/themes/{theme}/pieces/{piece}/{file}", Door.EXPORT, By.PERSON),
            Rule.of("GET", "/api/themes/{theme}/scenes/{scene}/canvases/{canvas}/{file}", Door.PREVIEW, By.PERSON),
            Rule.of("POST", "/api/themes/{theme}/pieces/{piece}/films", Door.CLIP, By.PERSON),
            Rule.of("POST", "/inlets/{token}", Door.SIGNAL, By.TOKEN),
            Rule.of("POST", "/inlets/mapped/{token}", Door.SIGNAL, By.TOKEN),
            Rule.of("GET", "/o/{token}", Door.OUTLET, By.TOKEN),
            Rule.of("GET", "/painted/{*rest}", Door.PICTURE, By.ADDRESS));

    private final RateLimits limits;

    RateLimitDoors(RateLimits limits) {
        this.limits = limits;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        PathContainer path = PathContainer.parsePath(request.getRequestURI());
        RULES.stream()
                .filter(rule ->
                        rule.method().equals(request.getMethod()) && rule.path().matches(path))
                .findFirst()
                .ifPresent(rule -> limits.pass(rule.door(), who(rule.by(), request)));
        return true;
    }

    private static String who(By by, HttpServletRequest request) {
        Authentication authentication = SecurityContextHolder.getContext().getAuthentication();
        return switch (by) {
            case PERSON ->
                authentication instanceof SignedIn signedIn ? signedIn.account().toString() : request.getRemoteAddr();
            case TOKEN -> request.getRequestURI();
            case ADDRESS -> request.getRemoteAddr();
        };
    }
}
