package openbloom.app.share;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import openbloom.app.moves.Catalogues;
import openbloom.app.moves.Judgements;
import openbloom.app.people.Woman;
import openbloom.app.people.WomanMapper;
import openbloom.app.session.SessionDocument;
import openbloom.app.session.SessionLine;
import openbloom.app.session.Sessions;
import openbloom.app.session.StoredResponse;
import openbloom.app.session.StoredSession;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.RefusedLine;
import openbloom.app.system.StudioDay;
import openbloom.core.Problem;
import openbloom.core.progress.DoseStep;
import openbloom.core.record.Occasion;
import openbloom.core.session.Edited;
import openbloom.core.session.Format;
import openbloom.core.session.Outline;
import openbloom.core.verdict.Judgement;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Sessions she did elsewhere or on paper, and what was noted in them, from a spreadsheet: first looked at, then kept; the same file
 * twice adds nothing, and nothing that is kept is changed.
 */
@Service
class SpreadsheetsIn {
    private static final float SECONDS_A_MINUTE = 60;
    private static final String TAKEN_IN = "Taken in from a spreadsheet, as it was done.";

    private final Sessions sessions;
    private final Judgements judgements;
    private final Catalogues catalogues;
    private final WomanMapper women;
    private final StudioDay day;

    SpreadsheetsIn(Sessions sessions, Judgements judgements, Catalogues catalogues, WomanMapper women, StudioDay day) {
        this.sessions = sessions;
        this.judgements = judgements;
        this.catalogues = catalogues;
        this.women = women;
        this.day = day;
    }

    /** A response and the session it belongs to. */
    record Placed(SheetIn.SheetResponse told, Sessions.ComposedFor session, int item) {}

    /**
     * What a file would do.
     *
     * @param already sessions and responses that are kept already
     */
    record Preview(
            List<SheetIn.SheetSession> sessions, List<Placed> responses, int already, List<RefusedLine> refused) {}

    Preview look(SignedIn me, Woman woman, String file) {
        SheetIn.SheetRead read = new SheetIn(catalogues.of(woman.studioId()), day.today(me)).read(file);
        List<RefusedLine> refused = new ArrayList<>(read.refused());
        List<Sessions.ComposedFor> kept = sessions.of(woman.id());
        List<SheetIn.SheetSession> whole = read.sessions().stream()
                .filter(one -> hasBothSides(one, refused))
                .toList();
        Set<Did> did = new HashSet<>();
        kept.forEach(one -> did.add(Did.of(one)));
        List<SheetIn.SheetSession> added = whole.stream()
                .filter(one -> did.add(Did.of(one)) && !sessions.isKept(woman, key(woman, one)))
                .toList();
        List<Placed> responses = new ArrayList<>();
        int told = placed(woman, read.responses(), kept, responses, refused);
        refused.sort(Comparator.comparing(RefusedLine::line));
        return new Preview(added, responses, whole.size() - added.size() + told, refused);
    }

    /** What was done, however it is numbered. */
    private record Did(LocalDate on, Optional<LocalDate> taughtOn, List<Object> lines) {
        static Did of(Sessions.ComposedFor kept) {
            return new Did(
                    kept.stored().plannedOn(),
                    Optional.ofNullable(kept.stored().taughtOn()),
                    kept.plan().items().stream()
                            .map(SessionLine::amount)
                            .map(amount -> (Object) List.of(
                                    amount.side(),
                                    amount.sets(),
                                    amount.repetitions(),
                                    amount.holdSeconds(),
                                    amount.breaths()))
                            .toList());
        }

        static Did of(SheetIn.SheetSession written) {
            return new Did(
                    written.head().plannedOn(),
                    written.head().taughtOn(),
                    written.exercises().stream()
                            .map(one -> (Object) List.of(
                                    one.side(),
                                    one.dose().sets(),
                                    one.dose().repetitions(),
                                    one.dose().holdSeconds(),
                                    one.dose().breaths()))
                            .toList());
        }
    }

    /** A line for each exercise, both its sides together; one that is there for a side alone is added to {@code alone}. */
    private static List<SheetIn.SheetExercise> entries(
            SheetIn.SheetSession written, List<SheetIn.SheetExercise> alone) {
        List<SheetIn.SheetExercise> entries = new ArrayList<>();
        List<SheetIn.SheetExercise> all = written.exercises();
        for (int i = 0; i < all.size(); i++) {
            SheetIn.SheetExercise one = all.get(i);
            boolean pair =
                    one.dose().perSide() && i + 1 < all.size() && all.get(i + 1).isOtherSideOf(one);
            if (one.dose().perSide() && !pair) {
                alone.add(one);
            }
            entries.add(one);
            i += pair ? 1 : 0;
        }
        return entries;
    }

    private static boolean hasBothSides(SheetIn.SheetSession written, List<RefusedLine> refused) {
        List<SheetIn.SheetExercise> alone = new ArrayList<>();
        entries(written, alone);
        alone.forEach(one -> refused.add(new RefusedLine(
                one.line(),
                List.of(Problem.of(
                        SheetColumns.SIDE, "spreadsheet.oneSide", one.move().name())))));
        return alone.isEmpty();
    }

    /** @return how many are kept already */
    private int placed(
            Woman woman,
            List<SheetIn.SheetResponse> told,
            List<Sessions.ComposedFor> kept,
            List<Placed> placed,
            List<RefusedLine> refused) {
        List<StoredResponse> before = sessions.responsesOf(List.of(woman.id())).getOrDefault(woman.id(), List.of());
        int already = 0;
        for (SheetIn.SheetResponse one : told) {
            if (before.stream().anyMatch(response -> isKept(one, response))) {
                already++;
                continue;
            }
            Optional<Sessions.ComposedFor> session = Stream.concat(
                            kept.stream()
                                    .filter(of ->
                                            String.valueOf(of.stored().id()).equals(one.session())),
                            kept.stream())
                    .filter(of -> isOf(of.stored(), one) && item(of, one) >= 0)
                    .findFirst();
            if (session.isEmpty()) {
                refused.add(new RefusedLine(
                        one.line(),
                        List.of(Problem.of(
                                SheetColumns.ON,
                                "spreadsheet.noSession",
                                one.on(),
                                one.move().name()))));
            } else {
                placed.add(new Placed(one, session.get(), item(session.get(), one)));
            }
        }
        return already;
    }

    /** Of its day, and at home or not, as it was told. */
    private static boolean isOf(StoredSession session, SheetIn.SheetResponse told) {
        boolean sameDay = told.on().equals(session.taughtOn()) || told.on().equals(session.plannedOn());
        return sameDay
                && told.occasion()
                        .map(one -> one.isWatched() == session.occasion().isWatched())
                        .orElse(true);
    }

    private static int item(Sessions.ComposedFor session, SheetIn.SheetResponse told) {
        return session.plan().items().stream()
                .map(SessionLine::moveId)
                .toList()
                .indexOf(told.move().id());
    }

    private static boolean isKept(SheetIn.SheetResponse told, StoredResponse kept) {
        return kept.on().equals(told.on())
                && kept.moveId().equals(told.move().id())
                && kept.told() == told.noted()
                && kept.place().equals(told.where())
                && Optional.ofNullable(kept.how().pain()).equals(told.pain())
                && Optional.ofNullable(kept.how().done()).equals(told.done())
                && kept.how().note().equals(told.note());
    }

    /** How many sessions and how many responses were new. */
    record Kept(int sessions, int responses) {}

    /** Keeps what {@link #look} would add. Of two at once the second finds it here. */
    @Transactional
    public Kept keep(SignedIn me, Woman woman, String file) {
        women.aloneWith(woman.id());
        Preview preview = look(me, woman, file);
        preview.sessions().forEach(one -> keep(me, woman, one));
        preview.responses().forEach(one -> keep(woman, one));
        return new Kept(preview.sessions().size(), preview.responses().size());
    }

    private void keep(SignedIn me, Woman woman, SheetIn.SheetSession written) {
        SheetIn.SheetHead head = written.head();
        Judgement judgement = judgements.of(woman, head.plannedOn(), head.place());
        List<Outline.OutlineLine> lines = entries(written, new ArrayList<>()).stream()
                .map(one -> new Outline.OutlineLine(
                        one.move(), Edited.partOf(one.move()), one.dose(), DoseStep.WRITTEN, "", ""))
                .toList();
        Edited done = Edited.of(new Outline(lines, Format.of(Format.FormatKind.SETS)), judgement);
        SessionDocument plan = SessionDocument.of(done.session(), judgement).withLeftOut(List.of(), TAKEN_IN);
        int minutes =
                head.minutes().orElse(Math.max(1, Math.round(done.session().seconds() / SECONDS_A_MINUTE)));
        sessions.takeIn(
                me,
                woman,
                judgement,
                plan,
                new Sessions.TakenIn(
                        head.occasion() == Occasion.HOME ? Occasion.HOME : Occasion.STUDIO,
                        head.taughtOn().orElse(null),
                        minutes,
                        head.place(),
                        key(woman, written)));
    }

    /** The same lines always have the same key, whoever takes them in. */
    private static String key(Woman woman, SheetIn.SheetSession written) {
        String lines = written.exercises().stream()
                .map(one -> one.move().id() + " " + one.side() + " " + one.dose())
                .collect(Collectors.joining("|"));
        SheetIn.SheetHead head = written.head();
        return keyOf(woman.id() + "|" + head.session() + "|" + head.plannedOn() + "|" + head.taughtOn() + "|" + lines);
    }

    private static String keyOf(String written) {
        return UUID.nameUUIDFromBytes(written.getBytes(StandardCharsets.UTF_8)).toString();
    }

    private void keep(Woman woman, Placed placed) {
        SheetIn.SheetResponse told = placed.told();
        StoredResponse.How how = new StoredResponse.How(
                told.pain().orElse(null),
                told.done().orElse(null),
                told.asked().orElse(null),
                placed.session().plan().items().get(placed.item()).doseStep(),
                told.kilograms().orElse(null),
                told.note());
        String key = keyOf(woman.id() + "|" + placed.session().stored().id() + "|" + told);
        sessions.respond(
                placed.session(),
                new Sessions.NewResponse(placed.item(), told.noted(), told.where(), how, key, Optional.empty(), false),
                told.on());
    }
}
