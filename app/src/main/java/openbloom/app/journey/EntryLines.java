package openbloom.app.journey;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import openbloom.app.checks.SafetyAnswer;
import openbloom.app.checks.gap.GapChecks;
import openbloom.app.home.FromHome;
import openbloom.app.journey.JourneyEntries.JourneyEntry;
import openbloom.app.people.LifeEvent;
import openbloom.app.people.Woman;
import openbloom.app.program.Programs;
import openbloom.app.program.Reviews;
import openbloom.app.session.LadderDecisions;
import openbloom.app.session.PainLifts;
import openbloom.app.session.SessionLine;
import openbloom.app.session.Sessions;
import openbloom.app.session.StoredSession;
import openbloom.core.Days;
import openbloom.core.dating.Dating;
import openbloom.core.gap.ConnectedGain;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.GapState;
import openbloom.core.gap.School;
import openbloom.core.gap.Width;
import openbloom.core.progress.Decision;
import openbloom.core.record.Clearance;
import openbloom.core.record.Occasion;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.WarningSign;
import openbloom.core.stage.Birth;

/** How each thing that happened with a woman is said in her journey: a title, a detail, and where it leads. */
final class EntryLines {
    private EntryLines() {}

    /** A day of what she told from home. */
    static JourneyEntry fromHome(FromHome.HomeDay told, String record) {
        List<String> lines = told.lines().stream().map(FromHome.ToldLine::words).toList();
        return entry(
                told.date(),
                EntryKind.FROM_HOME,
                lines.get(0),
                String.join("; ", lines.subList(1, lines.size())),
                record + "/from-home",
                told.lines().get(0).isAlarm());
    }

    /** What the intake tells with a day of its own. */
    static Stream<JourneyEntry> intake(Woman woman, String record) {
        return Stream.of(
                        woman.birth().map(birth -> birth(birth, record)),
                        woman.clearance().map(given -> clearance(given, record)),
                        woman.dating().map(dating -> pregnancy(dating, record)))
                .flatMap(entry -> entry.stream());
    }

    static JourneyEntry birth(Birth birth, String record) {
        return entry(
                birth.date(),
                EntryKind.BIRTH,
                birth.kind().words(),
                birth.tear().words(),
                record + "/edit",
                false);
    }

    static JourneyEntry clearance(Clearance given, String record) {
        String limits = String.join("; ", given.limits());
        return entry(given.date(), EntryKind.CLEARANCE, "By " + given.by(), limits, record + "/edit", false);
    }

    static JourneyEntry pregnancy(Dating dating, String record) {
        String due = "Due " + Days.words(dating.dueDate());
        String basis = "by " + dating.basis().words() + (dating.redated() ? ", re-dated" : "");
        return entry(dating.firstDay(), EntryKind.PREGNANCY, due, basis, record + "/edit", false);
    }

    static JourneyEntry event(LifeEvent event, String record) {
        String detail = event.words() + "; reported by " + event.toldBy();
        return entry(event.happenedOn(), EntryKind.LIFE, event.kind().words(), detail, record + "/edit", false);
    }

    static JourneyEntry block(Programs.KeptProgram kept, String record) {
        String title = kept.document()
                .map(block -> "Planned to " + Days.words(block.to()))
                .orElse("A plan that cannot be read");
        String aims = kept.document().stream()
                .flatMap(block -> block.aims().stream())
                .map(aim -> aim.words())
                .collect(Collectors.joining(", "));
        return entry(
                kept.row().madeOn(),
                EntryKind.PLAN,
                title,
                aims + "; by " + kept.row().madeBy(),
                record + "/program",
                false);
    }

    static JourneyEntry review(Reviews.KeptReview kept, String record) {
        String aims = kept.document().aims().stream()
                .map(aim -> aim.words() + ": " + aim.state())
                .collect(Collectors.joining("; "));
        return entry(kept.on(), EntryKind.REVIEW, aims, "by " + kept.by(), record + "/review", false);
    }

    /** What was decided on one day, ladder by ladder; what was overruled says so. */
    static JourneyEntry decided(LocalDate on, List<LadderDecisions.DecisionMade> made, String record) {
        String title = made.stream().map(EntryLines::chosen).collect(Collectors.joining(", "));
        String overruled = made.stream()
                .filter(one -> !one.chosen().overruledBecause().isEmpty())
                .map(one -> one.strand().words() + " overruled: " + one.chosen().overruledBecause() + "; ")
                .collect(Collectors.joining());
        String by =
                made.stream().map(LadderDecisions.DecisionMade::by).distinct().collect(Collectors.joining(" and "));
        return entry(on, EntryKind.DECISION, title, overruled + "by " + by, record + "/response", false);
    }

    private static String chosen(LadderDecisions.DecisionMade made) {
        return made.proposed().decision() == Decision.STOP
                ? made.strand().words() + " stopped: " + made.proposed().reasons()
                : made.strand().words() + " level " + made.chosen().rung();
    }

    /** Why it went on after pain, and who said so. */
    static JourneyEntry lifted(PainLifts.PainLifted lifted, String record) {
        String asked = lifted.pain() == null ? "" : "asked again: " + lifted.pain() + " of 10";
        String word = lifted.clinicianOn() == null ? "" : "clinician’s word of " + Days.words(lifted.clinicianOn());
        String title = "Goes on after pain, " + lifted.place().words() + ": "
                + Stream.of(asked, word).filter(one -> !one.isEmpty()).collect(Collectors.joining(", "));
        String detail = lifted.said().saidBy() + ": " + lifted.said().reason() + "; written down by "
                + lifted.said().by();
        return entry(lifted.on(), EntryKind.PAIN_ANSWERED, title, detail, record + "/held", false);
    }

    static JourneyEntry check(GapChecks.KeptCheck kept, int ageYears, String record) {
        GapCheck check = kept.check();
        String gain = ConnectedGain.of(check)
                .map(found -> "; connected: " + found.words())
                .orElse("");
        return entry(
                check.date(),
                EntryKind.GAP_CHECK,
                said(check, ageYears),
                "by " + kept.examiner() + gain,
                record + "/checks",
                false);
    }

    /** By the two-finger school, or, measured in mm, its widest reading. */
    private static String said(GapCheck check, int ageYears) {
        return check.widest(GapState.LIFT)
                .or(() -> check.widest(GapState.REST))
                .filter(widest -> widest.width() instanceof Width.Millimetres)
                .map(widest -> "widest " + widest.width().words() + " "
                        + widest.spot().words() + ", " + widest.state().words())
                .orElseGet(() -> School.TWO_FINGERS.read(check, ageYears).detail());
    }

    static JourneyEntry answer(SafetyAnswer answer, String record) {
        String signs = Stream.concat(answer.signs().stream().map(WarningSign::words), answer.unknownSigns().stream())
                .collect(Collectors.joining(", "));
        String symptoms = String.join(
                ", ", answer.symptomSet().stream().map(Symptom::words).toList());
        String title = answer.stops()
                ? "Stopped: " + signs
                : symptoms.isEmpty() ? "No sign, no symptom" : "No sign; " + symptoms;
        String lifted = answer.lift().stop() == null || answer.lift().by().isEmpty()
                ? ""
                : ". Stop lifted: " + answer.lift().by() + ", " + answer.lift().reason();
        String detail = "asked by " + answer.askedBy()
                + (answer.stops() ? ". " + answer.told().whatToDo() : lifted);
        return entry(answer.askedOn(), EntryKind.ASKED, title, detail, record + "/safe", answer.stops());
    }

    static JourneyEntry session(Sessions.ComposedFor planned, List<GapChecks.KeptCheck> checks, String record) {
        LocalDate on = planned.stored().plannedOn();
        String beside = checks.stream()
                .filter(kept -> !kept.check().date().isAfter(on))
                .findFirst()
                .map(kept ->
                        "; gap check of " + Days.words(kept.check().date()) + " beside it: " + said(kept.check(), 0))
                .orElse("; no gap check before it");
        boolean taught = planned.stored().taughtOn() != null;
        long moves = planned.plan().items().stream()
                .map(SessionLine::moveId)
                .distinct()
                .count();
        return entry(
                on,
                EntryKind.SESSION,
                planned.stored().minutes() + " minutes, " + where(planned.stored()) + ", "
                        + (taught ? "taught" : "planned"),
                moves + " exercises, " + planned.plan().totalClock() + " min" + beside,
                record + "/sessions/" + planned.stored().id(),
                false);
    }

    static JourneyEntry entry(LocalDate date, EntryKind kind, String title, String detail, String link, boolean alarm) {
        return new JourneyEntry(date, kind, kind.words(), title, detail, link, alarm, Optional.empty());
    }

    private static String where(StoredSession session) {
        return session.occasion() == Occasion.STUDIO
                ? session.place().words()
                : session.occasion().words();
    }
}
