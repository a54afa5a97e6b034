package openbloom.core.letter;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import openbloom.core.Days;
import openbloom.core.YesNoUnknown;
import openbloom.core.evidence.Published;
import openbloom.core.gap.GapChange;
import openbloom.core.gap.GapReading;
import openbloom.core.gap.GapState;
import openbloom.core.gap.Measured;
import openbloom.core.gap.Spot;
import openbloom.core.moves.Move;
import openbloom.core.pelvicfloor.DatedCheck;
import openbloom.core.pelvicfloor.LettingGo;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.record.Clearance;
import openbloom.core.record.ClinicalRestriction;
import openbloom.core.record.PainHold;
import openbloom.core.review.ProgramReview;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.SymptomReport;
import openbloom.core.verdict.Facts;

/** What was measured, seen and told, since the first look and now, and whether a difference is real. */
final class LetterFindings {
    private static final int MOST_LEVELS = 3;

    private final LetterFacts letter;
    private final Facts facts;

    LetterFindings(LetterFacts letter) {
        this.letter = letter;
        this.facts = letter.now().facts();
    }

    List<LetterSentence> found() {
        List<LetterSentence> sentences = new ArrayList<>();
        letter.gap()
                .now()
                .ifPresentOrElse(
                        now -> gap(now, sentences),
                        () -> sentences.add(LetterSentence.of("The gap in the midline was not read yet.")));
        letter.floor()
                .now()
                .ifPresentOrElse(
                        now -> floor(now, sentences),
                        () -> sentences.add(LetterSentence.of("The pelvic floor was not checked yet.")));
        facts.client()
                .checks()
                .straightLegRaise()
                .ifPresent(score -> sentences.add(LetterSentence.of("Straight leg raise, both sides together: " + score
                        + " of " + Published.STRAIGHT_LEG_RAISE_MAX.amount() + " (0 is no trouble).")));
        symptoms(sentences);
        return sentences;
    }

    private void gap(Measured now, List<LetterSentence> sentences) {
        LocalDate on = now.check().date();
        List<GapReading> lifted = now.check().in(GapState.LIFT).toList();
        List<GapReading> told = lifted.isEmpty() ? now.check().in(GapState.REST).toList() : lifted;
        String how = "Midline gap on a " + (lifted.isEmpty() ? "relaxed belly" : "small head lift") + ", read by "
                + now.by().name() + " with " + now.method().words() + ": ";
        sentences.add(LetterSentence.of(
                on, how + told.stream().map(LetterFindings::reading).collect(Collectors.joining("; ")) + "."));
        change(now, told).ifPresent(sentences::add);
    }

    private static String reading(GapReading reading) {
        String domed = reading.domed() == YesNoUnknown.YES ? ", it domed" : "";
        String base = reading.firmness().map(read -> "base " + read.words()).orElse("base not read");
        return reading.width().words() + " " + reading.spot().words() + " (" + depth(reading) + ", " + base + domed
                + ")";
    }

    private static String depth(GapReading reading) {
        return reading.depth().map(read -> "depth " + read.words()).orElse("depth not read");
    }

    /** In pregnancy a width is neither better nor worse. */
    private Optional<LetterSentence> change(Measured now, List<GapReading> told) {
        Optional<Measured> first = letter.gap()
                .first()
                .filter(then -> then.check().date().isBefore(now.check().date()));
        if (facts.isPregnant()) {
            return Optional.empty();
        }
        if (first.isEmpty()) {
            return Optional.of(LetterSentence.of("It was read once, so nothing can be said of a change."));
        }
        Measured then = first.get();
        List<String> changes = told.stream()
                .flatMap(reading -> GapChange.between(
                        then, now, reading.spot(), reading.state(), letter.gap().ofSite())
                        .map(change -> words(change, reading.spot()))
                        .stream())
                .distinct()
                .toList();
        return changes.isEmpty()
                ? Optional.empty()
                : Optional.of(LetterSentence.of(
                        then.check().date(), "Since the first check: " + String.join("; ", changes) + "."));
    }

    private static String words(GapChange change, Spot spot) {
        return switch (change.worth()) {
            case REAL_CHANGE -> spot.words() + " " + change.words() + ", more than measuring twice would explain";
            case WITHIN_REPEATABILITY ->
                spot.words() + " " + change.words() + ", not more than measuring twice would differ by";
            case NOT_COMPARABLE -> spot.words() + " not comparable: " + change.sum();
        };
    }

    private void floor(DatedCheck now, List<LetterSentence> sentences) {
        PelvicFloorCheck check = now.check();
        List<String> parts = new ArrayList<>();
        parts.add("best hold " + check.holdSeconds() + " s, " + LetterStage.count(check.holdRepetitions(), "hold")
                + " of that length");
        parts.add(LetterStage.count(check.flicks(), "quick lift"));
        if (check.lettingGo() != LettingGo.UNKNOWN && check.tone() != Tone.TIGHT) {
            parts.add(check.lettingGo().words());
        }
        if (check.tone() != Tone.UNKNOWN) {
            parts.add("felt " + check.tone().words());
        }
        if (check.pain() != YesNoUnknown.UNKNOWN) {
            parts.add(check.pain() == YesNoUnknown.YES ? "painful" : "no pain");
        }
        sentences.add(LetterSentence.of(now.on(), "Pelvic floor: " + String.join(", ", parts) + "."));
        letter.floor().first().filter(then -> then.on().isBefore(now.on())).ifPresent(then -> {
            List<String> changes = List.of(
                    change(
                            "best hold",
                            then.check().holdSeconds(),
                            check.holdSeconds(),
                            " s",
                            Published.HOLD_REPEATABILITY),
                    change("quick lifts", then.check().flicks(), check.flicks(), "", Published.COUNT_REPEATABILITY));
            sentences.add(LetterSentence.of(
                    then.on(),
                    "At the first check: " + String.join("; ", changes) + ".",
                    Published.HOLD_REPEATABILITY,
                    Published.COUNT_REPEATABILITY));
        });
    }

    private static String change(String what, int then, int now, String unit, Published repeated) {
        boolean real = Math.abs(now - then) > repeated.amount();
        return what + " " + then + unit
                + (now == then
                        ? ", the same"
                        : real ? ", a real difference" : ", within what checking twice differs by");
    }

    private void symptoms(List<LetterSentence> sentences) {
        if (facts.client().safety().symptoms() instanceof SymptomReport.Asked asked) {
            String told = asked.symptoms().stream().sorted().map(Symptom::words).collect(Collectors.joining("; "));
            sentences.add(LetterSentence.of(
                    asked.on(), told.isEmpty() ? "Asked, she reported no symptom." : "She reports: " + told + "."));
        } else {
            sentences.add(LetterSentence.of("Nobody has asked her about symptoms yet."));
        }
    }

    List<LetterSentence> done() {
        LetterFacts.Done done = letter.done();
        if (done.sessions() == 0) {
            return List.of();
        }
        List<LetterSentence> sentences = new ArrayList<>();
        sentences.add(LetterSentence.of(LetterStage.count(done.sessions(), "session") + ", " + done.minutes()
                + " minutes in all, since " + Days.words(done.since()) + "."));
        List<String> levels = done.levels().stream()
                .filter(level -> level.after() > level.before())
                .flatMap(level -> step(level).stream())
                .limit(MOST_LEVELS)
                .toList();
        if (!levels.isEmpty()) {
            sentences.add(LetterSentence.of("She has gone on " + String.join("; ", levels) + "."));
        }
        List<String> held = done.levels().stream()
                .filter(ProgramReview.LevelChange::held)
                .map(level -> level.group().wordsWithin())
                .toList();
        if (!held.isEmpty()) {
            sentences.add(LetterSentence.of("Held where the midline stays flat: " + String.join("; ", held) + "."));
        }
        return sentences;
    }

    /** {@code from “Heel slide” to “Leg lift”}: exercises say more than levels. */
    private Optional<String> step(ProgramReview.LevelChange level) {
        Optional<Move> then = at(level, level.before());
        Optional<Move> now = at(level, level.after());
        return then.flatMap(from -> now.map(to -> "from “" + from.name() + "” to “" + to.name() + "”"));
    }

    private Optional<Move> at(ProgramReview.LevelChange level, int rung) {
        return letter.now().catalogue().ladder(level.group()).stream()
                .filter(move -> move.rung() == rung)
                .findFirst();
    }

    /** Limits of a clinician and what hurt; what the rules of the season leave out is not told. */
    List<LetterSentence> limits() {
        List<LetterSentence> sentences = new ArrayList<>();
        facts.clearance()
                .filter(given -> !given.limits().isEmpty())
                .ifPresent(given -> sentences.add(LetterSentence.of(
                        given.date(), "On the word of her clinician (" + given.by() + "): " + limits(given) + ".")));
        facts.client().standing().holds().stream()
                .map(PainHold::words)
                .distinct()
                .map(words -> LetterSentence.of("Waits because of " + words + "."))
                .forEach(sentences::add);
        return sentences;
    }

    private String limits(Clearance given) {
        return given.limits().stream()
                .filter(limit -> !limit.equals(ClinicalRestriction.WORDS_UNDERSTOOD.name()))
                .map(limit -> ClinicalRestriction.parse(limit)
                        .map(ClinicalRestriction::words)
                        .or(() -> letter.now()
                                .catalogue()
                                .find(limit)
                                .map(Move::name)
                                .map(name -> name + " is allowed"))
                        .orElse(limit.toLowerCase(Locale.ROOT).equals(limit) ? limit : "“" + limit + "”"))
                .collect(Collectors.joining("; "));
    }

    /** By how much two readings of the same gap differ, and where that is known from. */
    List<LetterSentence> basis() {
        boolean compared = !facts.isPregnant()
                && letter.gap().first().isPresent()
                && letter.gap().now().isPresent()
                && letter.gap()
                        .first()
                        .get()
                        .check()
                        .date()
                        .isBefore(letter.gap().now().get().check().date());
        return compared
                ? List.of(LetterSentence.of("Two readings of one gap differ by up to "
                        + letter.gap().ofSite().words() + "."))
                : List.of();
    }
}
