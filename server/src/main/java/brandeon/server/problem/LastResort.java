package brandeon.server.problem;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestMapping;

/** Errors outside of every controller: problem details too, without anything of what happened inside. */
@Controller
class LastResort implements ErrorController {

    @RequestMapping("/error")
    ResponseEntity<Object> error(HttpServletRequest request) {
        HttpStatus status = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE) instanceof Integer code
                ? HttpStatus.valueOf(code)
                : HttpStatus.NOT_FOUND;
        if (request.getAttribute(RequestDispatcher.ERROR_REQUEST_URI) instanceof String uri && uri.startsWith("/o/")) {
            return ResponseEntity.status(status).contentType(BlankPage.TYPE).body(BlankPage.TEXT);
        }
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(
                status,
                status.is5xxServerError()
                        ? "Something went wrong on our side. Nothing was changed; try again."
                        : "This request is not understood.");
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(problem);
    }
}
