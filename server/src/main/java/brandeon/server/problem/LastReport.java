package brandeon.server.problem;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/**
 * What the container itself refuses before the application hears of it, such as an address that is none: problem
 * details
 * too, and nothing on pages that viewers see.
 */
@Component
class LastReport implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addContextCustomizers(context -> {
            if (context.getParent() instanceof StandardHost host) {
                host.setErrorReportValveClass(Valve.class.getName());
            }
        });
    }

    /** Made by the container. */
    public static final class Valve extends ErrorReportValve {

        private static final String PROBLEM =
                "{\"type\":\"about:blank\",\"title\":\"Not understood\",\"status\":%d,\"detail\":\"This request is not understood. Check its address and what it sends.\"}";

        @Override
        protected void report(Request request, Response response, Throwable cause) {
            int status = response.getStatus();
            if (status < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
                return;
            }
            boolean viewers =
                    request.getRequestURI() != null && request.getRequestURI().startsWith("/o/");
            response.setContentType(viewers ? BlankPage.TYPE.toString() : "application/problem+json");
            response.setCharacterEncoding(StandardCharsets.UTF_8.name());
            try {
                response.getReporter()
                        .write(viewers ? BlankPage.LAST : PROBLEM.replace("%d", Integer.toString(status)));
                response.finishResponse();
            } catch (IOException e) {
                // Whoever asked is gone.
            }
        }
    }
}
