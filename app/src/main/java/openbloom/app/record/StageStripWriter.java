package openbloom.app.record;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import openbloom.app.people.StageStrip;
import openbloom.app.people.Woman;
import openbloom.core.Days;
import openbloom.core.dating.GestationalAge;
import openbloom.core.dating.Trimester;
import openbloom.core.figure.BodyStage;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.picture.StageRing;
import openbloom.core.record.Client;
import openbloom.core.record.PainHold;
import openbloom.core.screening.Condition;
import openbloom.core.screening.SymptomReport;
import openbloom.core.screening.WarningSign;
import openbloom.core.stage.Birth;
import openbloom.core.verdict.CheckSchedule;
import openbloom.core.verdict.Facts;

/** Writes the stage strip of one woman. */
final class StageStripWriter {
    private static final int WEEKS_OF_PREGNANCY = 40;
    private static final int WEEKS_AFTER_BIRTH_SHOWN = 26;
    private static final int DAYS_TOLD_IN_WEEKS = 365;

    private final Woman woman;
    private final List<String> more;
    private final Facts facts;
    private final Client client;
    private final LocalDate day;

    /** @param more cautions that stand in no fact the rules read */
    StageStripWriter(Woman woman, Facts facts, List<String> more) {
        this.woman = woman;
        this.more = more;
        this.facts = facts;
        this.client = facts.client();
        this.day = facts.day();
    }

    StageStrip strip() {
        Optional<LocalDate> due = CheckSchedule.gapCheckDue(facts);
        boolean isDue = due.filter(next -> !next.isAfter(day)).isPresent();
        return new StageStrip(
                woman.id(),
                woman.name(),
                new StageStrip.Now(where(), detail(), stage(), true),
                cautions(),
                clearance(),
                new StageStrip.Stops(
                        client.safety().standing().keySet().stream()
                                .sorted()
                                .findFirst()
                                .map(WarningSign::words)
                                .orElse(""),
                        client.standing().holds().stream()
                                .map(PainHold::words)
                                .distinct()
                                .toList()),
                new StageStrip.NextCheck(
                        isDue
                                ? (client.checks().gap().isPresent() ? "today" : "today, none yet")
                                : due.map(Days::words).orElse("after the birth"),
                        isDue,
                        due),
                new StageStrip.StageDrawn(ring(), body(client.bodyOn(day))));
    }

    private static String body(BodyStage stage) {
        if (stage instanceof BodyStage.Pregnant pregnant) {
            return "week=" + pregnant.week();
        }
        return stage instanceof BodyStage.AfterBirth after ? "after=" + after.weeks() : "";
    }

    private String where() {
        if (client.situation()
                .pregnancy()
                .filter(dating -> dating.ageOn(day).isEmpty())
                .isPresent()) {
            return "past 45 weeks: record the birth";
        }
        if (facts.age().isPresent()) {
            return facts.age().get().words();
        }
        return client.situation().birth().map(this::sinceBirth).orElse("neither pregnant nor postnatal");
    }

    private String sinceBirth(Birth birth) {
        long days = birth.daysOn(day);
        return days < DAYS_TOLD_IN_WEEKS
                ? new GestationalAge((int) Math.min(days, GestationalAge.LONGEST_DAYS)).words()
                : days / DAYS_TOLD_IN_WEEKS + (days < 2 * DAYS_TOLD_IN_WEEKS ? " year" : " years");
    }

    private String detail() {
        if (facts.age().isPresent()) {
            return Trimester.at(facts.age().get()).words();
        }
        return client.situation()
                .birth()
                .map(birth -> "after " + birth.kind().words())
                .orElse("");
    }

    private String stage() {
        return facts.isPregnant() ? "pregnant" : facts.recovery().stage().words();
    }

    private List<String> cautions() {
        List<String> cautions = new ArrayList<>();
        client.medical().known().all().stream()
                .sorted()
                .filter(StageStripWriter::isCaution)
                .map(StageStripWriter::plain)
                .forEach(cautions::add);
        if (client.background().knownBabies() > 1 && facts.isPregnant()) {
            cautions.add(
                    client.background().knownBabies() == 2
                            ? "twins"
                            : client.background().knownBabies() + " babies");
        }
        if (client.safety().symptoms() instanceof SymptomReport.Asked asked) {
            asked.symptoms().stream().sorted().map(StageStripWriter::plain).forEach(cautions::add);
        }
        client.standing().ceilings().keySet().stream()
                .sorted()
                .map(strand -> strand == ExerciseGroup.FLEXION
                        ? "domes on a head lift or curl"
                        : "domes in " + strand.words().toLowerCase(Locale.ROOT))
                .forEach(cautions::add);
        cautions.addAll(more);
        client.situation()
                .birth()
                .filter(birth -> birth.tear().reachesSphincter())
                .ifPresent(birth -> cautions.add(birth.tear().words()));
        return cautions;
    }

    private static boolean isCaution(Condition condition) {
        return condition != Condition.BREASTFEEDING;
    }

    private static String plain(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    private String clearance() {
        return facts.clearance()
                .map(given ->
                        "cleared " + Days.words(given.date()) + (given.limits().isEmpty() ? "" : ", with limits"))
                .orElse("no clearance on file");
    }

    private String ring() {
        if (facts.age().isPresent()) {
            return StageRing.of(facts.age().get().weeks(), WEEKS_OF_PREGNANCY, true);
        }
        return facts.recentBirth()
                .map(birth -> StageRing.of((int) (birth.daysOn(day) / 7), WEEKS_AFTER_BIRTH_SHOWN, false))
                .orElseGet(StageRing::plain);
    }
}
