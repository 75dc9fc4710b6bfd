package brandeon.server.theme;

import brandeon.core.theme.Edit;
import brandeon.server.access.Member;

/** Puts what the server knows in the place of what an edit from outside claims, before it is applied. */
public interface Vetting {

    /** @param edit a single one, never a batch */
    Edit vetted(Member member, Edit edit);
}
