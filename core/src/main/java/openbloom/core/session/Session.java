package openbloom.core.session;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/**
 * A composed session.
 *
 * @param transitions changes of position
 * @param upByTheSide whether it ends with coming up by the side
 * @param note why it is shorter than asked, or empty
 * @param score what the composer found it worth, in quarters
 * @param parts how its time is divided, in order; together they have all its items
 * @param remarks for each item what stands beside it, or nothing
 * @see Composer
 * @see GymCard
 */
public record Session(
        List<SessionItem> items,
        int transitions,
        boolean upByTheSide,
        List<LeftOut> leftOut,
        String note,
        int score,
        Format format,
        List<SessionPart> parts,
        List<String> remarks) {
    public Session {
        if (remarks.size() != items.size()) {
            throw new IllegalArgumentException("Expected a remark for each item, empty where there is none");
        }
        remarks = List.copyOf(remarks);
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

    /** With nothing beside its items. */
    public Session(
            List<SessionItem> items,
            int transitions,
            boolean upByTheSide,
            List<LeftOut> leftOut,
            String note,
            int score,
            Format format,
            List<SessionPart> parts) {
        this(
                items,
                transitions,
                upByTheSide,
                leftOut,
                note,
                score,
                format,
                parts,
                Collections.nCopies(items.size(), ""));
    }

    Session with(List<SessionPart> divided) {
        return new Session(items, transitions, upByTheSide, leftOut, note, score, format, divided, remarks);
    }

    Session remarked(List<String> beside) {
        return new Session(items, transitions, upByTheSide, leftOut, note, score, format, parts, beside);
    }

    /** With other words about its length. */
    Session noting(String words) {
        return new Session(items, transitions, upByTheSide, leftOut, words, score, format, parts, remarks);
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

    /** An impact of the work that begins in the second half. */
    Optional<SessionItem> lateImpact() {
        int from = 0;
        for (SessionItem item : items) {
            if (item.part() == Part.WORK && item.move().isImpact() && from > seconds() / 2) {
                return Optional.of(item);
            }
            from += item.seconds();
        }
        return Optional.empty();
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
