package brandeon.server.session;

import brandeon.server.access.Sessions;
import brandeon.server.access.SignedIn;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.session.config.annotation.web.http.EnableSpringHttpSession;
import org.springframework.session.web.http.CookieSerializer;
import org.springframework.session.web.http.DefaultCookieSerializer;

/** Requests find their session by a cookie, which ends with the browser or stands for a while. */
@Configuration(proxyBeanMethods = false)
@EnableSpringHttpSession
class SessionSettings {

    private static final String COOKIE = "brandeon-session";

    @Bean
    CookieSerializer sessionCookie() {
        DefaultCookieSerializer cookie = new DefaultCookieSerializer() {
            @Override
            public void writeCookieValue(CookieValue value) {
                if (Boolean.TRUE.equals(value.getRequest().getAttribute(Sessions.STANDING))
                        && !value.getCookieValue().isEmpty()) {
                    value.setCookieMaxAge((int) SignedIn.STANDING.toSeconds());
                }
                super.writeCookieValue(value);
            }
        };
        cookie.setCookieName(COOKIE);
        cookie.setCookiePath("/");
        cookie.setUseHttpOnlyCookie(true);
        cookie.setSameSite("Lax");
        return cookie;
    }
}
