package openbloom.app.feedback;

import java.time.Instant;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import openbloom.app.checks.PainTold;
import openbloom.app.checks.PainTold.SheetPainSite;
import openbloom.app.checks.SafetyService;
import openbloom.app.moves.Judgements;
import openbloom.app.people.Woman;
import openbloom.app.session.LadderDecisions;
import openbloom.app.session.Sessions;
import openbloom.app.session.StoredResponse;
import openbloom.app.studio.SignedIn;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.progress.Decision;
import openbloom.core.progress.LadderDay;
import openbloom.core.progress.Pain;
import openbloom.core.progress.Progress;
import openbloom.core.progress.Proposal;
import openbloom.core.progress.TaughtDay;
import openbloom.core.record.CaseNotes;
import openbloom.core.record.PainSite;
import openbloom.core.session.Place;
import openbloom.core.verdict.Judgement;
import org.springframework.stereotype.Service;

/** What her taught sessions propose for each ladder that was practised. */
@Service
public class LadderPages {
    private static final List<Decision> URGENCY =
            List.of(Decision.STOP, Decision.DOWN, Decision.UP, Decision.HELD, Decision.STAY);
    private static final DateTimeFormatter SHORT_DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

    private static final int LONGEST_REASONS = 2000;

    private final Judgements judgements;
    private final Sessions sessions;
    private final LadderDecisions decisions;
    private final SafetyService safety;

    LadderPages(Judgements judgements, Sessions sessions, LadderDecisions decisions, SafetyService safety) {
        this.safety = safety;
        this.judgements = judgements;
        this.sessions = sessions;
        this.decisions = decisions;
    }

    /**
     * A ladder with its proposal.
     *
     * @param now the move of the rung she works on, by its short name
     * @param days the latest days first, in words
     * @param needs what the next rung still needs
     */
    record LadderLine(
            ExerciseGroup strand,
            int rung,
            int top,
            String moveId,
            String now,
            Proposal proposal,
            List<String> days,
            List<String> needs) {
        /** From two thirds of the dose to the whole, on the same rung. */
        public boolean wholeDose() {
            return proposal.decision() == Decision.UP && proposal.rung() == rung;
        }
    }

    /** Accepts everything that is proposed on a day. */
    public void acceptAll(SignedIn me, Woman woman, LocalDate on, Instant at) {
        for (LadderLine line : of(woman, on)) {
            decisions.keep(
                    new LadderDecisions.DecisionMade(
                            0,
                            woman.id(),
                            on,
                            me.account().name(),
                            line.strand(),
                            LadderDecisions.ProposedDecision.of(line.proposal()),
                            LadderDecisions.ChosenDecision.as(line.proposal())),
                    me.accountId(),
                    at);
        }
    }

    /** Every ladder that was practised since her latest birth, those that change first. */
    /** Whether her sessions ask for a decision about a ladder that nobody has made yet. */
    public boolean hasOpenDecisions(Woman woman, LocalDate today) {
        return !of(woman, today).isEmpty();
    }

    List<LadderLine> of(Woman woman, LocalDate today) {
        Judgement judgement = judgements.of(woman, today, Place.STUDIO);
        LocalDate since = CaseNotes.beginsOn(judgement.facts().client().situation());
        Map<ExerciseGroup, LocalDate> decided =
                decisions.ofAll(List.of(woman.id())).getOrDefault(woman.id(), List.of()).stream()
                        .collect(Collectors.toMap(
                                LadderDecisions.DecisionMade::strand,
                                LadderDecisions.DecisionMade::on,
                                (before, latest) -> latest));
        List<StoredResponse> responses =
                sessions.responsesOf(List.of(woman.id())).getOrDefault(woman.id(), List.of()).stream()
                        .filter(response -> !response.on().isBefore(since))
                        .toList();
        LocalDate last = responses.stream()
                .map(StoredResponse::on)
                .max(LocalDate::compareTo)
                .orElse(LocalDate.MIN);
        Map<ExerciseGroup, List<LadderDay>> days = days(responses, safety.painsOf(woman));
        List<LadderLine> lines = new ArrayList<>();
        days.forEach((strand, all) -> {
            boolean isNew =
                    all.stream().anyMatch(day -> day.date().isAfter(decided.getOrDefault(strand, LocalDate.MIN)));
            if (isNew) {
                line(judgement, strand, all, last).ifPresent(lines::add);
            }
        });
        lines.sort(Comparator.comparing(line -> URGENCY.indexOf(line.proposal().decision())));
        return lines;
    }

    private static Optional<LadderLine> line(
            Judgement judgement, ExerciseGroup strand, List<LadderDay> days, LocalDate lastSession) {
        Proposal proposal = Progress.of(judgement, strand, days, lastSession);
        return judgement.catalogue().ladder(strand).stream()
                .filter(move -> move.rung() == proposal.rung())
                .findFirst()
                .map((Move move) -> new LadderLine(
                        strand,
                        days.get(days.size() - 1).rung(),
                        judgement.catalogue().topRung(strand),
                        move.id(),
                        move.teaching().shortName(),
                        proposal,
                        days.stream()
                                .sorted((one, other) -> other.date().compareTo(one.date()))
                                .limit(2)
                                .map(LadderPages::words)
                                .toList(),
                        proposal.heldBy().stream()
                                .map(gate -> gate.kind().words())
                                .distinct()
                                .toList()));
    }

    /** One day for each session and ladder. */
    private static Map<ExerciseGroup, List<LadderDay>> days(List<StoredResponse> responses, List<PainTold> pains) {
        Map<ExerciseGroup, List<LadderDay>> days = new LinkedHashMap<>();
        responses.stream()
                .filter(response -> isEarned(response.strand()))
                .collect(Collectors.groupingBy(
                        response -> List.of(response.sessionId(), response.strand()),
                        LinkedHashMap::new,
                        Collectors.toList()))
                .values()
                .forEach(item -> days.computeIfAbsent(item.get(0).strand(), any -> new ArrayList<>())
                        .add(taught(item, pains).lineDay()));
        return days;
    }

    private static boolean isEarned(ExerciseGroup strand) {
        return switch (strand) {
            case BREATH, RELEASE, MOBILITY, SCAR -> false;
            default -> true;
        };
    }

    private static TaughtDay taught(List<StoredResponse> item, List<PainTold> pains) {
        LocalDate on = item.get(0).on();
        return new TaughtDay(
                on,
                item.stream().map(LadderPages::note).toList(),
                item.get(0).in(),
                new TaughtDay.Before(
                        told(pains, on, SheetPainSite.FLOOR),
                        told(pains, on, SheetPainSite.SCAR),
                        told(pains, on, SheetPainSite.ELSEWHERE)),
                pains.stream()
                        .filter(pain -> pain.place() == SheetPainSite.MORNING
                                && pain.on().isAfter(on))
                        .findFirst()
                        .map(PainTold::amount));
    }

    private static OptionalInt told(List<PainTold> pains, LocalDate on, SheetPainSite place) {
        return pains.stream()
                .filter(pain -> pain.place() == place && pain.on().equals(on))
                .mapToInt(PainTold::amount)
                .reduce((before, latest) -> latest);
    }

    private static TaughtDay.Note note(StoredResponse response) {
        StoredResponse.How how = response.how();
        Integer done = how.done();
        Integer asked = how.asked();
        return new TaughtDay.Note(
                response.rung(),
                how.doseStep(),
                response.told(),
                PainSite.named(response.place()),
                how.pain() == null ? OptionalInt.empty() : OptionalInt.of(how.pain()),
                done == null || asked == null || asked < 1
                        ? Optional.empty()
                        : Optional.of(new LadderDay.DoseDone(done, asked)));
    }

    /** Done claims no more than done; how it felt, where somebody asked. */
    private static String felt(LadderDay day) {
        return day.report().felt().map(felt -> ", " + felt.words()).orElse("");
    }

    private static String words(LadderDay day) {
        String noted = day.noted().isEmpty() && day.pain().equals(Pain.NONE)
                ? (day.done().done() > 0 ? "done" + felt(day) : "begun")
                : day.noted().stream()
                                .sorted()
                                .map(what ->
                                        what.name().toLowerCase(Locale.ROOT).replace('_', ' '))
                                .collect(Collectors.joining(", "))
                        + (day.pain().equals(Pain.NONE) ? "" : " hurt");
        return day.date().format(SHORT_DAY) + ", level " + day.rung() + ": " + noted.strip();
    }
}
