package brandeon.server.problem;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.problem.Mistake;
import java.lang.reflect.Method;
import org.junit.jupiter.api.Test;
import org.springframework.web.method.annotation.ExceptionHandlerMethodResolver;

class ProblemsTest {

    private static final ExceptionHandlerMethodResolver HANDLERS = new ExceptionHandlerMethodResolver(Problems.class);

    /** What Java's own classes throw at a fault of the program was told to people as their mistake. */
    @Test
    void onlyAMistakeIsTakenForOne() {
        assertThat(handler(new Mistake("An alert stays between 2 and 60 seconds.")))
                .isEqualTo("mistake");
        assertThat(handler(new IllegalArgumentException("Comparison method violates its general contract!")))
                .isEqualTo("ours");
        assertThat(handler(new NullPointerException())).isEqualTo("ours");
    }

    private static String handler(Exception e) {
        Method method = HANDLERS.resolveMethodByThrowable(e);
        return method == null ? "" : method.getName();
    }
}
