package brandeon.server.problem;

import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/** Every error as RFC 9457 problem details with a sentence that says what to do. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {

    @ExceptionHandler
    ProblemDetail notFound(NotFound e) {
        return problem(HttpStatus.NOT_FOUND, "Not found", e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail refused(Refused e) {
        return problem(HttpStatus.CONFLICT, "Not possible now", e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail notAllowed(NotAllowed e) {
        return problem(HttpStatus.FORBIDDEN, "Not allowed", e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail notSignedIn(NotSignedIn e) {
        return problem(HttpStatus.UNAUTHORIZED, "Not signed in", e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail badValue(IllegalArgumentException e) {
        return problem(HttpStatus.BAD_REQUEST, "Not understood", e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail badAddress(MethodArgumentTypeMismatchException e) {
        return problem(HttpStatus.BAD_REQUEST, "Not understood", "“" + e.getValue() + "” is not a valid " + e.getName() + ".");
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        ProblemDetail problem = problem(HttpStatus.BAD_REQUEST, "Not understood", sentence(e));
        return handleExceptionInternal(e, problem, headers, HttpStatus.BAD_REQUEST, request);
    }

    /** The core's own sentence where it refused a value, else what the JSON reader says without its class names. */
    private static String sentence(HttpMessageNotReadableException e) {
        for (Throwable cause = e.getCause(); cause != null; cause = cause.getCause()) {
            if (cause instanceof IllegalArgumentException) {
                return cause.getMessage();
            }
        }
        Throwable cause = e.getMostSpecificCause();
        String message = cause instanceof tools.jackson.core.JacksonException json ? json.getOriginalMessage() : "The request has no readable content.";
        return "The request is not well formed: " + message.replaceAll("`?(brandeon|java)\\.[\\w.$]+\\.([\\w$]+)`?", "$2");
    }

    private static ProblemDetail problem(HttpStatus status, String title, String sentence) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, sentence == null ? title : sentence);
        problem.setTitle(title);
        return problem;
    }
}
