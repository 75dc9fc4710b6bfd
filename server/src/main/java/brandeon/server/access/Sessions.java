package brandeon.server.access;

import brandeon.server.problem.NotSignedIn;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.UUID;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.stereotype.Component;

/** Begins and tells of the session of who calls. */
@Component
class Sessions {

    private final Members members;
    private final Accounts accounts;
    private final HttpSessionSecurityContextRepository contexts = new HttpSessionSecurityContextRepository();

    Sessions(Members members, Accounts accounts) {
        this.members = members;
        this.accounts = accounts;
    }

    /** Signs an account in, under a session that nobody knew before. */
    SessionController.Session begin(UUID account, HttpServletRequest request, HttpServletResponse response) {
        accounts.admit(account);
        if (request.getSession(false) != null) {
            request.changeSessionId();
        }
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(new SignedIn(account));
        contexts.saveContext(context, request, response);
        return of(
                members.byAccount(account).orElseThrow(() -> new NotSignedIn("This account belongs to no workspace.")));
    }

    SessionController.Session current() {
        return of(members.current());
    }

    private SessionController.Session of(Member member) {
        return new SessionController.Session(
                member.name(), member.email(), member.role(), accounts.isSteward(member.account()));
    }
}
