package brandeon.server.door;

import brandeon.core.text.Letters;
import brandeon.server.problem.ProblemAnswer;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * What stands in the query of an address is text like any other: letters that no database takes are refused. Sources
 * alone are left to themselves: whatever stands in their links, viewers see a picture and no error.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class CleanQuery extends OncePerRequestFilter {

    private static final String OUTLETS = "/o/";

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (request.getRequestURI().startsWith(OUTLETS) || clean(request.getQueryString())) {
            chain.doFilter(request, response);
        } else {
            ProblemAnswer.write(
                    response,
                    HttpStatus.BAD_REQUEST,
                    "Not understood",
                    "The address has a control character or half a letter in it; take it out and try again.");
        }
    }

    /** What cannot be decoded is left to those who read it. */
    private static boolean clean(String query) {
        try {
            return query == null || Letters.clean(URLDecoder.decode(query, StandardCharsets.UTF_8));
        } catch (IllegalArgumentException e) {
            return true;
        }
    }
}
