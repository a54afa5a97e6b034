package openbloom.app.session;

import java.util.ArrayList;
import java.util.List;
import openbloom.core.moves.Catalogue;
import openbloom.core.session.Format;
import openbloom.core.session.Outline;
import openbloom.core.session.Part;
import openbloom.core.session.Session;
import openbloom.core.session.Side;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Kind;
import openbloom.core.verdict.Reason;
import org.jspecify.annotations.Nullable;

/** A composed session in words, as it is kept: it can be shown a year later whatever the catalogue says then. */
public record PlanDocument(
        List<PlannedItem> items,
        int transitions,
        boolean upByTheSide,
        List<Left> leftOut,
        String note,
        @Nullable Format format) {
    private static final int FEWEST_FOR_ALL = 4;

    /** Stands for a session that is written in a way this version does not understand. */
    static final PlanDocument UNREADABLE = new PlanDocument(
            List.of(),
            0,
            false,
            List.of(),
            "This session cannot be read: it was kept in a way this version does not understand. Compose a new one.",
            null);

    /**
     * A rule that spoke of a move when the session was planned, in the words it had then.
     *
     * @param fact what triggered it: a value and, where it has one, its date
     * @param source key of the source
     */
    public record Because(String code, Kind kind, String instructor, String client, String fact, String source) {
        static Because of(Reason reason) {
            return new Because(
                    reason.code(),
                    reason.kind(),
                    reason.rule().instructor(),
                    reason.rule().client(),
                    reason.fact(),
                    reason.rule().source().key());
        }
    }

    /** A move left out, and why. */
    public record Left(String moveId, String name, Kind verdict, String reason) {}

    static PlanDocument of(Session session, Judgement judgement) {
        return new PlanDocument(
                session.items().stream()
                        .map(item -> PlannedItem.of(item, session.format(), judgement))
                        .toList(),
                session.transitions(),
                session.upByTheSide(),
                session.leftOut().stream()
                        .map(left -> new Left(left.move().id(), left.move().name(), left.verdict(), left.reason()))
                        .toList(),
                session.note(),
                session.format());
    }

    /** The session as one line a move, to be changed; moves that are no longer among hers are left out. */
    Outline outline(Catalogue catalogue) {
        List<Outline.Entry> entries = new ArrayList<>();
        String last = "";
        for (PlannedItem item : items) {
            boolean otherSide = item.side() != Side.BOTH && last.equals(item.moveId() + item.part());
            boolean again = item.round() > 1 || otherSide;
            last = item.side() == Side.BOTH ? "" : item.moveId() + item.part();
            if (!again) {
                catalogue.find(item.moveId()).ifPresent(move -> entries.add(item.entry(move)));
            }
        }
        return new Outline(entries, format());
    }

    /** Sessions kept before there were formats are in sets. */
    public Format format() {
        return format == null ? Format.of(Format.Kind.SETS) : format;
    }

    /** The same with what the instructor wrote beside each line. */
    PlanDocument written(Outline outline) {
        List<PlannedItem> noted = new ArrayList<>();
        int at = -1;
        String last = "";
        for (PlannedItem item : items) {
            boolean again = item.side() != Side.BOTH && last.equals(item.moveId() + item.part()) || item.round() > 1;
            last = item.side() == Side.BOTH ? "" : item.moveId() + item.part();
            at += again ? 0 : 1;
            int line = item.round() > 1 ? indexOf(outline, item) : at;
            noted.add(
                    line >= 0 && line < outline.entries().size()
                            ? item.noted(outline.entries().get(line))
                            : item);
        }
        return new PlanDocument(noted, transitions, upByTheSide, leftOut, note, format);
    }

    private static int indexOf(Outline outline, PlannedItem item) {
        for (int i = 0; i < outline.entries().size(); i++) {
            if (outline.entries().get(i).move().id().equals(item.moveId())) {
                return i;
            }
        }
        return -1;
    }

    PlanDocument withLeftOut(List<Left> more, String words) {
        return new PlanDocument(items, transitions, upByTheSide, more, words, format);
    }

    /**
     * A line of the page: a move, both its sides together.
     *
     * @param at number of its first item, from 0
     */
    public record Row(int at, PlannedItem item, List<Integer> items, int seconds) {
        public String clock() {
            return minutesAndSeconds(seconds);
        }

        /** Which sides, in the order in which they are done. */
        public String sides(PlanDocument plan) {
            return items.size() < 2
                    ? item.side() == Side.LEFT || item.side() == Side.RIGHT
                            ? item.side().words()
                            : ""
                    : item.side().words() + ", then the other";
        }
    }

    /** Changes that most of the work has, told once for all of it. */
    public List<String> allThrough() {
        List<PlannedItem> work =
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
    public List<String> own(PlannedItem item) {
        List<String> told = item.part() == Part.WORK ? allThrough() : List.of();
        return item.judged().adjustments().stream()
                .filter(change -> !told.contains(change))
                .toList();
    }

    /** The items as lines of a page. */
    public List<Row> rows() {
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < items.size(); i++) {
            PlannedItem item = items.get(i);
            boolean sided = item.side() == Side.LEFT || item.side() == Side.RIGHT;
            boolean pair = sided
                    && i + 1 < items.size()
                    && items.get(i + 1).moveId().equals(item.moveId())
                    && items.get(i + 1).side() != item.side();
            rows.add(
                    pair
                            ? new Row(
                                    i,
                                    item,
                                    List.of(i, i + 1),
                                    item.seconds() + items.get(i + 1).seconds())
                            : new Row(i, item, List.of(i), item.seconds()));
            i += pair ? 1 : 0;
        }
        return rows;
    }

    public int seconds() {
        return items.stream().mapToInt(PlannedItem::seconds).sum();
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

    static String minutesAndSeconds(int seconds) {
        return seconds / 60 + ":" + (seconds % 60 < 10 ? "0" : "") + seconds % 60;
    }
}
