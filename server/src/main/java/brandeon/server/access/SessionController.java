package brandeon.server.access;

import brandeon.core.problem.Mistake;
import brandeon.server.door.RateLimits;
import brandeon.server.problem.NotSignedIn;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Locale;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out. */
@RestController
@RequestMapping("/api/session")
class SessionController {

    /** @param standing whether the session outlives the browser's closing */
    record SignIn(String email, String password, boolean standing) {
        /** bcrypt reads 72 bytes; nobody's address is longer than RFC 5321 allows. */
        SignIn {
            if (email.length() > 254 || password.length() > 200) {
                throw new Mistake("An address has at most 254 letters and a password at most 200.");
            }
        }
    }

    private final Members members;
    private final Sessions sessions;
    private final RateLimits limits;

    SessionController(Members members, Sessions sessions, RateLimits limits) {
        this.members = members;
        this.sessions = sessions;
        this.limits = limits;
    }

    @GetMapping
    Sessions.Session current() {
        return sessions.current();
    }

    @PostMapping
    Sessions.Session signIn(@RequestBody SignIn wish, HttpServletRequest request, HttpServletResponse response) {
        String tried = wish.email().strip().toLowerCase(Locale.ROOT);
        limits.pass(RateLimits.Door.SIGN_IN_ACCOUNT, tried);
        UUID account = members.check(wish.email(), wish.password())
                .orElseThrow(() ->
                        new NotSignedIn("Address and password do not belong together. Check both and try again."));
        limits.free(RateLimits.Door.SIGN_IN_ACCOUNT, tried);
        limits.back(RateLimits.Door.SIGN_IN_ADDRESS, request.getRemoteAddr());
        return sessions.begin(account, wish.standing(), request, response);
    }

    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest request) {
        if (request.getSession(false) != null) {
            request.getSession(false).invalidate();
        }
        SecurityContextHolder.clearContext();
    }
}
