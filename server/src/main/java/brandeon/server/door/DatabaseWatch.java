package brandeon.server.door;

import brandeon.server.problem.DatabaseAway;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Answers at once while the database is away, instead of letting each request wait for a connection that does not come.
 * Whoever holds a lasting connection to it says how it is.
 */
@Component
public class DatabaseWatch implements HandlerInterceptor, WebMvcConfigurer {

    private volatile boolean away;

    public void away() {
        away = true;
    }

    public void back() {
        away = false;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns("/api/**", "/o/**", "/inlets/**", "/painted/**", "/sounds/**");
    }

    /** @throws DatabaseAway while it is away */
    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        if (away) {
            throw new DatabaseAway();
        }
        return true;
    }
}
