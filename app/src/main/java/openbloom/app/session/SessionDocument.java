package openbloom.app.session;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.SetUpDetails;
import openbloom.core.session.Format;
import openbloom.core.session.Format.FormatKind;
import openbloom.core.session.Outline;
import openbloom.core.session.Part;
import openbloom.core.session.Session;
import openbloom.core.session.SessionItem;
import openbloom.core.session.SessionPart;
import openbloom.core.session.Side;
import openbloom.core.session.Sided;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Reason;
import openbloom.core.verdict.VerdictKind;
import org.jspecify.annotations.Nullable;

/**
 * A composed session in words, as it is kept: it can be shown a year later whatever the catalogue says then.
 *
 * @param parts how its time is divided; absent in sessions kept before this was
 */
public record SessionDocument(
        List<SessionLine> items,
        int transitions,
        boolean upByTheSide,
        List<LeftOutLine> leftOut,
        String note,
        @Nullable Format format,
        @Nullable List<PartTold> parts) {
    private static final int FEWEST_FOR_ALL = 4;

    /** Stands for a session that is written in a way this version does not understand. */
    static final SessionDocument UNREADABLE = new SessionDocument(
            List.of(),
            0,
            false,
            List.of(),
            "This session cannot be read: it was kept in a way this version does not understand. Build a new one.",
            null,
            List.of());

    /**
     * A rule that spoke of a move when the session was planned, in the words it had then.
     *
     * @param fact what triggered it: a value and, where it has one, its date
     * @param source key of the source
     */
    public record LineReason(
            String code, VerdictKind kind, String instructor, String client, String fact, String source) {
        static LineReason of(Reason reason) {
            return new LineReason(
                    reason.code(),
                    reason.kind(),
                    reason.rule().instructor(),
                    reason.rule().client(),
                    reason.fact(),
                    reason.rule().source().key());
        }
    }

    /**
     * A part of the session in its order.
     *
     * @param percent share of the work that was meant for it; 0 where it has none of its own
     * @param items how many items it has
     */
    public record PartTold(String words, int percent, int items) {
        static PartTold of(SessionPart part) {
            return new PartTold(part.words(), part.percent(), part.items());
        }
    }

    /** A move left out, and why. */
    public record LeftOutLine(String moveId, String name, VerdictKind verdict, String reason) {}

    public static SessionDocument of(Session session, Judgement judgement) {
        List<List<String>> details = detailsOf(session.items());
        return new SessionDocument(
                IntStream.range(0, session.items().size())
                        .mapToObj(at -> SessionLine.of(
                                session.items().get(at),
                                session.remarks().get(at),
                                session.format(),
                                judgement,
                                details.get(at)))
                        .toList(),
                session.transitions(),
                session.upByTheSide(),
                session.leftOut().stream()
                        .map(left ->
                                new LeftOutLine(left.move().id(), left.move().name(), left.verdict(), left.reason()))
                        .toList(),
                session.note(),
                session.format(),
                session.parts().stream().map(PartTold::of).toList());
    }

    /** What is called out to several: nobody's verdicts, the plain cue. */
    public static SessionDocument calledOut(List<SessionItem> items, int transitions, String note) {
        Format sets = Format.of(FormatKind.SETS);
        List<List<String>> details = detailsOf(items);
        return new SessionDocument(
                IntStream.range(0, items.size())
                        .mapToObj(at -> SessionLine.calledOut(items.get(at), sets, details.get(at)))
                        .toList(),
                transitions,
                false,
                List.of(),
                note,
                sets,
                null);
    }

    private static List<List<String>> detailsOf(List<SessionItem> items) {
        return SetUpDetails.inTurn(items.stream().map(SessionItem::move).toList());
    }

    /** What one of several does of it. */
    public static SessionDocument partOf(List<SessionItem> hers, int transitions, String note, Judgement judgement) {
        Session session = new Session(
                hers, transitions, false, List.of(), note, 0, Format.of(FormatKind.SETS), SessionPart.undivided(hers));
        return of(session, judgement);
    }

    /** The item something was noted about, wherever a change has moved it since. */
    public int itemOf(StoredResponse response) {
        boolean there = response.item() < items.size()
                && items.get(response.item()).moveId().equals(response.moveId());
        if (there) {
            return response.item();
        }
        for (int i = 0; i < items.size(); i++) {
            if (items.get(i).moveId().equals(response.moveId())) {
                return i;
            }
        }
        return response.item();
    }

    /** How its time is divided; where nobody kept it, or it was changed since, arriving, work and letting go. */
    public List<PartTold> divided() {
        int kept = parts == null ? 0 : parts.stream().mapToInt(PartTold::items).sum();
        return parts != null && kept == items.size()
                ? parts
                : SessionPart.undivided(items).stream().map(PartTold::of).toList();
    }

    /** The session as one line a move, to be changed; moves that are no longer among hers are left out. */
    Outline outline(Catalogue catalogue) {
        List<Outline.OutlineLine> entries = new ArrayList<>();
        List<Integer> entryOf = Sided.entriesOf(items);
        int seen = -1;
        for (int at = 0; at < items.size(); at++) {
            if (entryOf.get(at) > seen) {
                seen = entryOf.get(at);
                SessionLine item = items.get(at);
                catalogue.find(item.moveId()).ifPresent(move -> entries.add(item.entry(move)));
            }
        }
        return new Outline(entries, format());
    }

    /** Sessions kept before there were formats are in sets. */
    public Format format() {
        return format == null ? Format.of(FormatKind.SETS) : format;
    }

    /** The same with what the instructor wrote beside each line. */
    public SessionDocument written(Outline outline) {
        List<Integer> entryOf = Sided.entriesOf(items);
        List<SessionLine> noted = new ArrayList<>();
        for (int at = 0; at < items.size(); at++) {
            int entry = entryOf.get(at);
            noted.add(
                    entry >= 0 && entry < outline.entries().size()
                            ? items.get(at).noted(outline.entries().get(entry))
                            : items.get(at));
        }
        return new SessionDocument(noted, transitions, upByTheSide, leftOut, note, format, parts);
    }

    /** The same with what is not in it, and with words of its own. */
    public SessionDocument withLeftOut(List<LeftOutLine> more, String words) {
        return new SessionDocument(items, transitions, upByTheSide, more, words, format, parts);
    }

    /**
     * A line of the page: a move, both its sides together.
     *
     * @param at number of its first item, from 0
     */
    public record SessionRow(int at, SessionLine item, List<Integer> items, int seconds) {
        public String clock() {
            return minutesAndSeconds(seconds);
        }

        /** How much of it, and on which sides in the order in which they are done. */
        public String doseAndSides() {
            return item.amount().dose() + (sides().isEmpty() ? "" : ", " + sides());
        }

        /** Which sides, in the order in which they are done; empty where it is done on both at once. */
        public String sides() {
            return items.size() < 2
                    ? item.side() == Side.LEFT || item.side() == Side.RIGHT
                            ? item.side().words()
                            : ""
                    : item.side().words() + ", then the other";
        }
    }

    /** Changes that most of the work has, told once for all of it. */
    public List<String> allThrough() {
        List<SessionLine> work =
                items.stream().filter(item -> item.part() == Part.WORK).toList();
        return work.stream()
                .flatMap(item -> item.judged().adjustments().stream())
                .distinct()
                .filter(change -> work.size() >= FEWEST_FOR_ALL
                        && 2
                                        * work.stream()
                                                .filter(item -> item.judged()
                                                        .adjustments()
                                                        .contains(change))
                                                .count()
                                > work.size())
                .toList();
    }

    /** The changes of an item that are not told for all of the work. */
    public List<String> own(SessionLine item) {
        List<String> told = item.part() == Part.WORK ? allThrough() : List.of();
        return item.judged().adjustments().stream()
                .filter(change -> !told.contains(change))
                .toList();
    }

    /** The items as lines of a page. */
    public List<SessionRow> rows() {
        List<SessionRow> rows = new ArrayList<>();
        for (int i = 0; i < items.size(); i++) {
            SessionLine item = items.get(i);
            boolean pair = i + 1 < items.size() && items.get(i + 1).isOtherSideOf(item);
            rows.add(
                    pair
                            ? new SessionRow(
                                    i,
                                    item,
                                    List.of(i, i + 1),
                                    item.seconds() + items.get(i + 1).seconds())
                            : new SessionRow(i, item, List.of(i), item.seconds()));
            i += pair ? 1 : 0;
        }
        return rows;
    }

    public int seconds() {
        return items.stream().mapToInt(SessionLine::seconds).sum();
    }

    public int workSeconds() {
        return items.stream().mapToInt(item -> item.pace().workSeconds()).sum();
    }

    public String totalClock() {
        return minutesAndSeconds(seconds());
    }

    public String workClock() {
        return minutesAndSeconds(workSeconds());
    }

    public String setUpClock() {
        return minutesAndSeconds(seconds() - workSeconds());
    }

    public static String minutesAndSeconds(int seconds) {
        return seconds / 60 + ":" + (seconds % 60 < 10 ? "0" : "") + seconds % 60;
    }
}
