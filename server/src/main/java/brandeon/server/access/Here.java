package brandeon.server.access;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** In which workspace the present request is made. */
@Component
class Here {

    /** What a page says that it is in; for requests that name nothing of a workspace. */
    static final String HEADER = "Brandeon-Workspace";

    private static final Pattern NAMES = Pattern.compile("/api/([a-z]+)/([0-9a-fA-F-]{36})(?:/.*)?");

    private final ObjectProvider<Belongings> belongings;

    Here(ObjectProvider<Belongings> belongings) {
        this.belongings = belongings;
    }

    /** The workspace of what the request's address names. */
    Optional<UUID> named() {
        return request().flatMap(request -> {
            Matcher names = NAMES.matcher(request.getRequestURI());
            return names.matches() ? workspaceOf(names.group(1), id(names.group(2))) : Optional.empty();
        });
    }

    /** The workspace that the page says that it is in. */
    Optional<UUID> said() {
        return request()
                .map(request -> request.getHeader(HEADER))
                .filter(text -> !text.isEmpty())
                .flatMap(Here::id);
    }

    Optional<UUID> workspaceOf(String kind, Optional<UUID> id) {
        return kind.equals("workspaces")
                ? id
                : id.flatMap(known -> belongings.stream()
                        .filter(one -> one.kind().equals(kind))
                        .findFirst()
                        .flatMap(one -> one.workspaceOf(known)));
    }

    private static Optional<HttpServletRequest> request() {
        return RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes attributes
                ? Optional.of(attributes.getRequest())
                : Optional.empty();
    }

    private static Optional<UUID> id(String text) {
        try {
            return Optional.of(UUID.fromString(text));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }
}
