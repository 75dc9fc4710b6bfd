package brandeon.server.problem;

import brandeon.core.pack.Unreadable;
import brandeon.core.problem.Mistake;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import org.hibernate.exception.JDBCConnectionException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.RecoverableDataAccessException;
import org.springframework.dao.TransientDataAccessException;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.transaction.TransactionException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/** Every error as RFC 9457 problem details with a sentence that says what to do. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {

    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);
    private static final String OURS =
            "Something went wrong on our side. Nothing was changed; try again, and if it stays, look into the server's log.";
    /** Pages that viewers see: they never show an error. */
    private static final String OUTLETS = "/o/";
    /** Seconds after which it is worth asking again. */
    private static final long SOON = 2;

    @ExceptionHandler
    ProblemDetail notFound(NotFound e) {
        return problem(HttpStatus.NOT_FOUND, "Not found", e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail gone(Gone e) {
        return problem(HttpStatus.GONE, "Gone", e.getMessage());
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
    ProblemDetail mistake(Mistake e) {
        return problem(HttpStatus.BAD_REQUEST, "Not understood", e.getMessage());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> tooMany(TooMany e) {
        return later(HttpStatus.TOO_MANY_REQUESTS, "Too often", e.getMessage(), e.seconds());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> busy(Busy e) {
        return later(HttpStatus.SERVICE_UNAVAILABLE, "Busy", e.getMessage(), SOON);
    }

    @ExceptionHandler
    ProblemDetail tooLarge(TooLarge e) {
        return problem(HttpStatus.CONTENT_TOO_LARGE, "Too large", e.getMessage());
    }

    /** Two changes that exclude each other, or something that others still need. */
    @ExceptionHandler
    ProblemDetail inTheWay(DataIntegrityViolationException e) {
        LOG.warn("The database refused a change", e);
        return problem(
                HttpStatus.CONFLICT,
                "Not possible now",
                "Something else changed in the meantime, or still needs this. Nothing was changed; load the page again.");
    }

    @ExceptionHandler({
        DatabaseAway.class,
        TransactionException.class,
        DataAccessResourceFailureException.class,
        TransientDataAccessException.class,
        RecoverableDataAccessException.class,
        JDBCConnectionException.class
    })
    ResponseEntity<Object> databaseAway(Exception e, HttpServletRequest request) {
        LOG.warn("The database cannot be reached: {}", e.getMessage());
        return unavailable(request, HttpStatus.SERVICE_UNAVAILABLE, "Not reachable", DatabaseAway.SENTENCE);
    }

    /** The program's own fault: what happened stands in the log, and nothing of it in the answer. */
    @ExceptionHandler
    ResponseEntity<Object> ours(Exception e, HttpServletRequest request) throws Exception {
        if (e instanceof ErrorResponse || e instanceof IOException) {
            throw e;
        }
        LOG.error("{} {} failed", request.getMethod(), pattern(request), e);
        return unavailable(request, HttpStatus.INTERNAL_SERVER_ERROR, "Our fault", OURS);
    }

    /** The address without what is secret in it: tokens never stand in logs. */
    private static String pattern(HttpServletRequest request) {
        Object pattern = request.getAttribute(HandlerMapping.BEST_MATCHING_PATTERN_ATTRIBUTE);
        return pattern == null ? "a request" : pattern.toString();
    }

    private static ResponseEntity<Object> unavailable(
            HttpServletRequest request, HttpStatus status, String title, String sentence) {
        ResponseEntity.BodyBuilder answer = ResponseEntity.status(status)
                .header(HttpHeaders.RETRY_AFTER, String.valueOf(SOON))
                .cacheControl(CacheControl.noStore());
        return request.getRequestURI().startsWith(OUTLETS)
                ? answer.contentType(BlankPage.TYPE).body(BlankPage.TEXT)
                : answer.contentType(MediaType.APPLICATION_PROBLEM_JSON).body(problem(status, title, sentence));
    }

    private static ResponseEntity<ProblemDetail> later(HttpStatus status, String title, String sentence, long seconds) {
        return ResponseEntity.status(status)
                .header(HttpHeaders.RETRY_AFTER, String.valueOf(seconds))
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(problem(status, title, sentence));
    }

    @ExceptionHandler
    ProblemDetail badAddress(MethodArgumentTypeMismatchException e) {
        return problem(
                HttpStatus.BAD_REQUEST, "Not understood", "“" + e.getValue() + "” is not a valid " + e.getName() + ".");
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        for (Throwable cause = e.getCause(); cause != null; cause = cause.getCause()) {
            if (cause instanceof TooLarge tooLarge) {
                return handleExceptionInternal(e, tooLarge(tooLarge), headers, HttpStatus.CONTENT_TOO_LARGE, request);
            }
        }
        ProblemDetail problem =
                problem(HttpStatus.BAD_REQUEST, "Not understood", Unreadable.sentence("The request", e));
        return handleExceptionInternal(e, problem, headers, HttpStatus.BAD_REQUEST, request);
    }

    private static ProblemDetail problem(HttpStatus status, String title, String sentence) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, sentence == null ? title : sentence);
        problem.setTitle(title);
        return problem;
    }
}
