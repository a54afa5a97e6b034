package openbloom.app.checks.overview;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import openbloom.app.checks.Sheet;
import openbloom.app.checks.SheetFindings;
import openbloom.app.checks.SheetKind;
import openbloom.app.checks.Sheets;
import openbloom.app.checks.gap.GapAssessmentView;
import openbloom.app.checks.gap.GapChecks;
import openbloom.app.people.RecordReader;
import openbloom.app.people.Woman;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.StudioDay;
import openbloom.core.Days;
import openbloom.core.YesNoUnknown;
import openbloom.core.evidence.Published;
import openbloom.core.gap.GapState;
import openbloom.core.gap.Measured;
import openbloom.core.gap.Method;
import openbloom.core.gap.Spot;
import openbloom.core.gap.Width;
import openbloom.core.verdict.CheckSchedule;
import openbloom.core.verdict.CheckWindow;
import openbloom.core.verdict.CheckWindow.PelvicFloorWindow;
import openbloom.core.verdict.Facts;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The check room: what was found last, what is due, the gap's trend, and everything in the order of its days. */
@Controller
class OverviewController {
    private final GapChecks gaps;
    private final GapAssessmentView room;
    private final Sheets sheets;
    private final SheetFindings findings;
    private final RecordReader records;
    private final StudioDay day;

    OverviewController(
            GapChecks gaps,
            GapAssessmentView room,
            Sheets sheets,
            SheetFindings findings,
            RecordReader records,
            StudioDay day) {
        this.records = records;
        this.gaps = gaps;
        this.room = room;
        this.sheets = sheets;
        this.findings = findings;
        this.day = day;
    }

    @GetMapping("/people/{womanId}/checks")
    ModelAndView overview(
            @AuthenticationPrincipal SignedIn me, Woman woman, @RequestParam(defaultValue = "") String at) {
        LocalDate today = day.today(me);
        List<GapChecks.KeptCheck> checks = gaps.of(woman.id());
        List<Sheet> kept = sheets.of(woman.id());
        Optional<GapChecks.KeptCheck> readable = room.latest(woman);
        ModelAndView page = new ModelAndView("checks/overview")
                .addObject("cards", cards(newest(checks, readable), kept, facts(woman, today)))
                .addObject("history", history(woman, checks, kept));
        readable.ifPresent(latest -> page.addObject("latest", latest)
                .addObject("view", room.view(me, woman, GapAssessmentView.GapViewRequest.at(latest, place(at)))));
        return page;
    }

    /** {@code LIFT-NAVEL-0} as a spot and a state; anything else is no choice. */
    private static Optional<GapAssessmentView.SpotAndState> place(String written) {
        return Arrays.stream(GapState.values())
                .filter(state -> written.startsWith(state + "-"))
                .findFirst()
                .flatMap(state -> spot(written.substring(state.name().length() + 1))
                        .map(spot -> new GapAssessmentView.SpotAndState(spot, state)));
    }

    private static Optional<Spot> spot(String written) {
        try {
            return Optional.of(Spot.parse(written));
        } catch (IllegalArgumentException unreadable) {
            return Optional.empty();
        }
    }

    private Facts facts(Woman woman, LocalDate today) {
        return new Facts(records.clientOn(woman, today), today);
    }

    private List<CheckCard> cards(Optional<GapChecks.KeptCheck> newest, List<Sheet> kept, Facts facts) {
        LocalDate today = facts.day();
        Optional<LocalDate> gapDue = CheckSchedule.gapCheckDue(facts);
        List<CheckCard> cards = new ArrayList<>();
        boolean due = gapDue.filter(next -> !next.isAfter(today)).isPresent();
        String first = gapDue.map(next -> "first due " + Days.words(next)).orElse("after the birth");
        cards.add(newest.map(check -> card(check, today, gapDue))
                .orElseGet(() -> new CheckCard("Gap", "gap", Optional.empty(), due ? "due now" : first, due)));
        for (SheetKind kind : SheetKind.values()) {
            cards.add(kept.stream()
                    .filter(sheet -> sheet.kind() == kind)
                    .findFirst()
                    .map(sheet -> card(sheet, facts))
                    .orElseGet(() ->
                            new CheckCard(kind.words(), kind.path(), Optional.empty(), window(kind, facts), false)));
        }
        return cards;
    }

    /** The newest check; of two on one day the one her approach can read. */
    private static Optional<GapChecks.KeptCheck> newest(
            List<GapChecks.KeptCheck> checks, Optional<GapChecks.KeptCheck> readable) {
        Optional<GapChecks.KeptCheck> newest = checks.stream().findFirst();
        LocalDate day = newest.map(check -> check.check().date()).orElse(LocalDate.EPOCH);
        return readable.filter(check -> check.check().date().equals(day)).or(() -> newest);
    }

    private static CheckCard card(GapChecks.KeptCheck check, LocalDate today, Optional<LocalDate> next) {
        boolean due = next.filter(on -> !on.isAfter(today)).isPresent();
        String stale = check.check().isFreshOn(today) ? "" : ", too old for a gate";
        String when = Days.words(check.check().date()) + "; next "
                + (due ? "due now" : next.map(Days::words).orElse("after the birth")) + stale;
        return new CheckCard("Gap", "gap", Optional.of(widest(check)), when, due);
    }

    /** How far a check may go today, where that is less than all of it. */
    private static String window(SheetKind kind, Facts facts) {
        PelvicFloorWindow floor = CheckWindow.floor(facts);
        return kind == SheetKind.PELVIC_FLOOR && floor != PelvicFloorWindow.OPEN ? floor.words() : "";
    }

    /** Only the pelvic floor has a day on which it is due again, unless her clinician comes first. */
    private CheckCard card(Sheet sheet, Facts facts) {
        LocalDate today = facts.day();
        LocalDate again = sheet.checkedOn().plusDays(Published.PELVIC_REVIEW.days());
        boolean returns =
                sheet.kind() == SheetKind.PELVIC_FLOOR && CheckWindow.floor(facts) != PelvicFloorWindow.CLINICIAN_FIRST;
        boolean due = returns && !again.isAfter(today);
        String next = returns ? "; next " + (due ? "due now" : Days.words(again)) : "";
        return new CheckCard(
                sheet.kind().words(),
                sheet.kind().path(),
                Optional.of(findings.words(sheet)),
                Days.words(sheet.checkedOn()) + next,
                due);
    }

    private List<CheckLine> history(Woman woman, List<GapChecks.KeptCheck> checks, List<Sheet> kept) {
        String base = "/people/" + woman.id() + "/checks/";
        Map<Long, GapChecks.KeptCheck> twice = gaps.secondReadingsOf(woman.id());
        List<CheckLine> lines = new ArrayList<>();
        checks.forEach(check -> lines.add(new CheckLine(
                check.check().date(),
                "Gap",
                readings(check),
                check.examiner() + ", " + check.measured().method().words(),
                base + "gap/" + check.id() + "/correct",
                corrected(check.reason(), check.keptBy()),
                Optional.ofNullable(twice.get(check.root()))
                        .map(second -> twice(check, second))
                        .orElse(""))));
        kept.forEach(sheet -> lines.add(new CheckLine(
                sheet.checkedOn(),
                sheet.kind().words(),
                findings.words(sheet),
                sheet.checkedBy(),
                base + sheet.kind().path() + "/" + sheet.id() + "/correct",
                corrected(sheet.reason(), sheet.keptBy()),
                "")));
        lines.sort(Comparator.comparing(CheckLine::date).reversed());
        return lines;
    }

    private static String corrected(String reason, String by) {
        return reason.isEmpty() ? "" : "corrected by " + by + ": " + reason;
    }

    private static String widest(GapChecks.KeptCheck check) {
        return check.check()
                .widest(GapState.LIFT)
                .or(() -> check.check().widest(GapState.REST))
                .map(reading -> reading.width().words() + " wide, "
                        + reading.spot().words() + ", " + reading.state().words())
                .orElse("");
    }

    /** The widths of the state that was read, from the breastbone down. */
    private static String readings(GapChecks.KeptCheck check) {
        GapState state = check.check().in(GapState.LIFT).findAny().isPresent() ? GapState.LIFT : GapState.REST;
        String widths =
                check.check().in(state).map(reading -> amount(reading.width())).collect(Collectors.joining(" · "));
        boolean domes = check.check().domedOnLift() == YesNoUnknown.YES;
        return widths + " " + check.measured().method().unit() + ", " + state.words() + (domes ? ", domes" : "");
    }

    private static String amount(Width width) {
        return width instanceof Width.Fingers fingers ? fingers.count() : String.valueOf((int) Method.amountOf(width));
    }

    /** The largest difference between the two readings. */
    private static String twice(GapChecks.KeptCheck first, GapChecks.KeptCheck second) {
        Measured one = first.measured();
        Measured other = second.measured();
        return one.check().readings().stream()
                .flatMap(reading -> other
                        .amount(reading.spot(), reading.state())
                        .map(again -> Math.abs(again - Method.amountOf(reading.width())))
                        .stream())
                .max(Comparator.naturalOrder())
                .map(most -> most == 0
                        ? "read twice, both alike"
                        : "read twice, at most " + one.method().words(most) + " apart")
                .orElse("");
    }
}
