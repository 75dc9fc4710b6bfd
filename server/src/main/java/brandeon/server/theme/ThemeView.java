package brandeon.server.theme;

import brandeon.core.theme.Theme;
import brandeon.server.access.Role;
import java.util.UUID;

/** A theme as one person sees it. */
public record ThemeView(
        UUID id,
        UUID workspace,
        long version,
        Theme theme,
        UUID channel,
        UUID show,
        String channelName,
        String platform,
        int onAir,
        boolean differs,
        boolean canUndo,
        boolean canRedo,
        String movedFrom,
        Role role) {}
