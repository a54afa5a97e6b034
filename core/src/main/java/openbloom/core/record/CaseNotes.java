package openbloom.core.record;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import openbloom.core.Days;
import openbloom.core.evidence.Published;
import openbloom.core.screening.Condition;
import openbloom.core.screening.LeakWhen;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.SymptomReport;

/**
 * Everything kept of her up to a day, as it was told and found; {@link #client()} says what it means for the rules. What
 * was found or told before a birth ends with it: whoever gathers these notes leaves it out, from {@link #beginsOn} on.
 *
 * @param told the signs that stand, the symptoms as she answered last, and what she told from home
 * @param loads load checks, oldest first
 * @param responses what her sessions showed, oldest first
 * @param decided about her ladders, and that it goes on after pain
 * @param lastClosed the day her last pregnancy ended without a birth
 */
public record CaseNotes(
        LocalDate day,
        IntakeFacts intake,
        SafetyNotes told,
        Checks checks,
        List<DatedLoad> loads,
        List<SessionObservation> responses,
        LadderStatus.DecidedRung decided,
        Optional<LocalDate> lastClosed) {

    public CaseNotes {
        loads = List.copyOf(loads);
        responses = List.copyOf(responses);
    }

    /** The first day whose notes count: her latest birth, or ever. */
    public static LocalDate beginsOn(Situation situation) {
        return situation instanceof Situation.AfterBirth after ? after.latest().date() : LocalDate.MIN;
    }

    /** What the rules read. */
    public Client client() {
        return new Client(
                intake.background(),
                intake.situation(),
                medical(),
                new Safety(told.safety().signs(), symptoms()),
                checks,
                LadderStatus.after(responses, loads, decided),
                intake.approach(),
                intake.equipment());
    }

    /** For six weeks after a pregnancy was closed, load waits for her clinician, unless she has said something since. */
    private Medical medical() {
        Medical atIntake = intake.medical();
        return lastClosed
                .filter(on -> atIntake.clearance()
                        .filter(given -> !given.date().isBefore(on))
                        .isEmpty())
                .filter(on -> day.isBefore(on.plusDays(Published.FULL_CHECK_AFTER_BIRTH.days())))
                .map(on -> new Conditions(Set.of(Condition.OTHER_SIGNIFICANT), Map.of(Condition.OTHER_SIGNIFICANT, on)))
                .map(waits -> atIntake.knownBesides(atIntake.besides().and(waits)))
                .orElse(atIntake);
    }

    /** A symptom that showed, in a session or at home. */
    private record SymptomShown(LocalDate on, Symptom symptom) {}

    /**
     * What she answered last, unless that was before a birth: then nobody has asked yet. A leak, heaviness or pain noted in a
     * session or told from home since then counts as told at once.
     */
    private SymptomReport symptoms() {
        Optional<SymptomReport.Asked> latest = latestAnswer();
        Set<Symptom> symptoms = EnumSet.noneOf(Symptom.class);
        latest.ifPresent(answer -> symptoms.addAll(answer.symptoms()));
        List<SymptomShown> shown = shown().filter(one ->
                        latest.filter(asked -> one.on().isBefore(asked.on())).isEmpty())
                .toList();
        shown.forEach(one -> symptoms.add(one.symptom()));
        Optional<LocalDate> asked = latest.map(SymptomReport.Asked::on)
                .or(() -> shown.stream().map(SymptomShown::on).min(Comparator.naturalOrder()));
        return asked.isPresent()
                ? new SymptomReport.Asked(asked.get(), symptoms, leaks(latest, symptoms, shown))
                : new SymptomReport.NotAsked();
    }

    private Stream<SymptomShown> shown() {
        return Stream.concat(
                responses.stream()
                        .flatMap(response ->
                                response.symptom().map(what -> new SymptomShown(response.on(), what)).stream()),
                told.fromHome().stream()
                        .flatMap(report -> report.symptom().map(what -> new SymptomShown(report.on(), what)).stream()));
    }

    /** When she leaks, as she told; a leak that showed since then may be any. */
    private static Set<LeakWhen> leaks(
            Optional<SymptomReport.Asked> latest, Set<Symptom> symptoms, List<SymptomShown> since) {
        boolean noted = since.stream().anyMatch(one -> one.symptom() == Symptom.LEAK_WITH_EFFORT);
        return noted || !symptoms.contains(Symptom.LEAK_WITH_EFFORT)
                ? Set.of()
                : latest.map(SymptomReport.Asked::leaksWhen).orElse(Set.of());
    }

    private Optional<SymptomReport.Asked> latestAnswer() {
        return Optional.of(told.safety().symptoms())
                .filter(SymptomReport.Asked.class::isInstance)
                .map(SymptomReport.Asked.class::cast)
                .filter(answer -> intake.situation()
                        .birth()
                        .filter(birth -> !answer.on().isAfter(birth.date()))
                        .isEmpty());
    }

    /** Where something hurt in a session or at home and no symptom says it, since she was last asked. */
    public List<String> painElsewhere() {
        LocalDate asked = told.safety().symptoms().askedOn().orElse(LocalDate.MIN);
        Stream<String> inSessions = responses.stream()
                .filter(response -> response.isPainElsewhere() && !response.on().isBefore(asked))
                .map(response -> "hurt in a session, " + Days.words(response.on()));
        Stream<String> atHome = told.fromHome().stream()
                .filter(report -> report.isPainElsewhere() && !report.on().isBefore(asked))
                .map(report -> "hurt at home, " + Days.words(report.on()));
        return Stream.concat(inSessions, atHome).distinct().toList();
    }
}
