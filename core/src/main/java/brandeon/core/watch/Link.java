package brandeon.core.watch;

import brandeon.core.publish.Part;

/**
 * A source that has a link, open or not. Instants are epoch milliseconds.
 *
 * @param outlet       its id
 * @param title        what people call the part
 * @param draft        whether it shows the draft instead of what is on air
 * @param seenAt       when viewers last saw it; 0 for never
 * @param oldLinkSince since when a page with a former link of it has been open; 0 for none
 * @param oldLinkAt    when that page was last heard of
 * @param oldLinkWhere where it is open, for people
 */
public record Link(
        String outlet,
        String scene,
        String canvas,
        Part part,
        String title,
        boolean withdrawn,
        boolean draft,
        long seenAt,
        long oldLinkSince,
        long oldLinkAt,
        String oldLinkWhere) {}
