package openbloom.core.session;

import java.util.ArrayList;
import java.util.List;

/**
 * A composed session.
 *
 * @param transitions changes of position
 * @param upByTheSide whether it ends with coming up by the side
 * @param note why it is shorter than asked, or empty
 * @param score what the composer found it worth, in quarters
 * @param parts how its time is divided, in order; together they have all its items
 */
public record Session(
        List<SessionItem> items,
        int transitions,
        boolean upByTheSide,
        List<LeftOut> leftOut,
        String note,
        int score,
        Format format,
        List<SessionPart> parts) {
    public Session {
        items = List.copyOf(items);
        leftOut = List.copyOf(leftOut);
        parts = List.copyOf(parts);
    }

    /** Not divided by goals. */
    Session(
            List<SessionItem> items,
            int transitions,
            boolean upByTheSide,
            List<LeftOut> leftOut,
            String note,
            int score,
            Format format) {
        this(items, transitions, upByTheSide, leftOut, note, score, format, SessionPart.undivided(items));
    }

    Session with(List<SessionPart> divided) {
        return new Session(items, transitions, upByTheSide, leftOut, note, score, format, divided);
    }

    /** Seconds of each part, in order. */
    public List<Integer> secondsOfParts() {
        List<Integer> seconds = new ArrayList<>();
        int from = 0;
        for (SessionPart part : parts) {
            seconds.add(items.subList(from, from + part.items()).stream()
                    .mapToInt(SessionItem::seconds)
                    .sum());
            from += part.items();
        }
        return List.copyOf(seconds);
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
