package brandeon.server.session;

import brandeon.server.access.Members;
import brandeon.server.access.PasswordChanged;
import brandeon.server.problem.NotFound;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** Where somebody is signed in, and how they end it. */
@RestController
@RequestMapping("/api/account/sessions")
class SessionsController {

    /** @param last to the minute @param here whether it is the one that asks */
    record SessionView(UUID id, String device, Instant since, Instant last, boolean standing, boolean here) {}

    private final KeptSessions sessions;
    private final Members members;

    SessionsController(KeptSessions sessions, Members members) {
        this.sessions = sessions;
        this.members = members;
    }

    @GetMapping
    List<SessionView> all(HttpServletRequest request) {
        String here = KeptSession.key(secret(request));
        return sessions.of(members.account()).stream()
                .map(row ->
                        new SessionView(row.id, row.device, row.since, row.last, row.standing, row.key.equals(here)))
                .toList();
    }

    /** Ends one of one's own. */
    @DeleteMapping("/{session}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void end(@PathVariable UUID session) {
        if (!sessions.end(members.account(), session)) {
            throw new NotFound("This session has ended already.");
        }
    }

    /** Ends all but the one that asks. */
    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void endOthers(HttpServletRequest request) {
        sessions.endOthers(members.account(), secret(request));
    }

    @EventListener
    void passwordChanged(PasswordChanged change) {
        sessions.endOthers(
                change.account(),
                RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes request
                        ? secret(request.getRequest())
                        : "");
    }

    private static String secret(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        return session == null ? "" : session.getId();
    }
}
