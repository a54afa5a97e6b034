package openbloom.core.session;

import java.util.List;

/**
 * A composed session.
 *
 * @param transitions changes of position
 * @param upByTheSide whether it ends with coming up by the side
 * @param note why it is shorter than asked, or empty
 * @param score what the composer found it worth, in quarters
 */
public record Session(
        List<SessionItem> items,
        int transitions,
        boolean upByTheSide,
        List<LeftOut> leftOut,
        String note,
        int score,
        Format format) {
    public Session {
        items = List.copyOf(items);
        leftOut = List.copyOf(leftOut);
    }

    /** The whole of it, set-up and changes of position included. */
    public int seconds() {
        return items.stream().mapToInt(SessionItem::seconds).sum();
    }

    public int workSeconds() {
        return items.stream().mapToInt(SessionItem::workSeconds).sum();
    }

    public int secondsOn(Side side) {
        return items.stream()
                .filter(item -> item.side() == side)
                .mapToInt(SessionItem::workSeconds)
                .sum();
    }
}
