package openbloom.app.checks;

import java.time.LocalDate;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import openbloom.app.people.Woman;
import openbloom.app.people.WomanMapper;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.ColumnCodec;
import openbloom.app.system.FormReader;
import openbloom.app.system.StudioDay;
import openbloom.core.Days;
import openbloom.core.Problem;
import openbloom.core.record.HomeReport;
import openbloom.core.record.Noted;
import openbloom.core.record.PainSite;
import openbloom.core.screening.BloodPressure;
import openbloom.core.screening.Condition;
import openbloom.core.screening.LeakWhen;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.WarningSign;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The warning signs, asked before anything else. */
@Service
public class SafetyService {
    private static final Set<Condition> HIGH_PRESSURE = Set.of(
            Condition.HIGH_BLOOD_PRESSURE_CONTROLLED,
            Condition.HIGH_BLOOD_PRESSURE_UNCONTROLLED,
            Condition.GESTATIONAL_HYPERTENSION,
            Condition.PRE_ECLAMPSIA);

    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_REASON = 600;

    private final SafetyMapper answers;
    private final WomanMapper women;
    private final PainTold.PainMapper pains;
    private final HomeReports reports;
    private final StudioDay day;

    SafetyService(
            SafetyMapper answers, WomanMapper women, PainTold.PainMapper pains, HomeReports reports, StudioDay day) {
        this.reports = reports;
        this.answers = answers;
        this.women = women;
        this.pains = pains;
        this.day = day;
    }

    public SafetyRecord of(Woman woman) {
        return new SafetyRecord(answers.of(List.of(woman.id())));
    }

    /** The answers of several women at once. */
    public Map<Long, SafetyRecord> ofAll(List<Long> womanIds) {
        return answers.of(womanIds).stream()
                .collect(Collectors.groupingBy(
                        SafetyAnswer::womanId, Collectors.collectingAndThen(Collectors.toList(), SafetyRecord::new)));
    }

    /** Numbers of the women of a studio who are stopped. */
    public List<Long> stoppedIn(long studioId) {
        return answers.stoppedIn(studioId);
    }

    /** What she answered today, or that nobody has asked yet. */
    public Optional<SafetyAnswer> today(SignedIn me, Woman woman) {
        return of(woman).on(day.today(me));
    }

    /** Whether somebody asked her on a day. */
    public boolean isAskedOn(Woman woman, LocalDate date) {
        return of(woman).on(date).isPresent();
    }

    /** Where to go before a check or a session may begin; empty when she was asked today and nothing stops her. */
    public Optional<String> detour(SignedIn me, Woman woman, String then) {
        return isOpen(me, woman)
                ? Optional.empty()
                : Optional.of("redirect:/people/" + woman.id() + "/safe?then=" + then);
    }

    /** A form may be kept only when she was asked today and nothing stops her; what was typed stays in it. */
    public void require(SignedIn me, Woman woman, FormReader problems) {
        if (!isOpen(me, woman)) {
            problems.refuse("safety", "safe.askFirst");
        }
    }

    private boolean isOpen(SignedIn me, Woman woman) {
        SafetyRecord record = of(woman);
        return record.stops().isEmpty() && record.on(day.today(me)).isPresent();
    }

    /** Everything she ever answered when somebody asked her, latest first. */
    public List<SafetyAnswer> answersOf(Woman woman) {
        return of(woman).answers().stream().filter(answer -> !answer.fromHome()).toList();
    }

    /**
     * Pain as she told it, oldest first; a row in words this version does not know is left out. Pain of the morning after counts
     * wherever she told it; that it had gone counts only when somebody asked her.
     */
    @SuppressWarnings("ConstantValue")
    public List<PainTold> painsOf(Woman woman) {
        Stream<PainTold> asked = pains.of(woman.id()).stream().filter(told -> told.place() != null);
        Stream<PainTold> fromHome = reports.morningsOf(woman.id()).stream()
                .filter(told -> told.pain() > 0)
                .map(HomeReports.MorningRow::told);
        return Stream.concat(asked, fromHome)
                .sorted(Comparator.comparing(PainTold::on))
                .toList();
    }

    /** What several women told from home besides their exercises, each oldest first. */
    public Map<Long, List<HomeReport>> reportsOfAll(List<Long> womanIds) {
        return womanIds.isEmpty()
                ? Map.of()
                : reports.of(womanIds).stream()
                        .filter(HomeReports.ReportRow::isReadable)
                        .collect(Collectors.groupingBy(
                                HomeReports.ReportRow::womanId,
                                Collectors.mapping(HomeReports.ReportRow::report, Collectors.toList())));
    }

    /** Keeps a leak, heaviness or pain she told from home without an exercise; pain 0 to 10. */
    public void reportFromHome(Woman woman, String key, HomeReport report, @Nullable Integer pain) {
        reports.insert(
                woman.id(),
                key,
                report.on(),
                report.noted(),
                report.place().map(PainSite::name).orElse(""),
                pain,
                false);
    }

    /** Keeps how much it still hurt on the morning of a day, 0 to 10; as long as it hurts, it counts as told that day. */
    public void morningFromHome(Woman woman, String key, LocalDate on, Optional<PainSite> place, int pain) {
        reports.insert(
                woman.id(), key, on, Noted.HURT, place.map(PainSite::name).orElse(""), pain, true);
    }

    /**
     * Keeps a warning sign she told from home. It stops her at once, and only the studio lifts it.
     *
     * @param madeBy who made her link
     */
    public void signFromHome(Woman woman, long madeBy, String key, LocalDate on, WarningSign sign) {
        Set<WarningSign> signs = EnumSet.of(sign);
        answers.insert(new SafetyMapper.NewAnswer(
                woman.id(),
                key,
                new SafetyMapper.AskedRow(on, madeBy, day.instant()),
                new SafetyAnswer.SymptomsTold(ColumnCodec.constants(signs), "", "", whatToDo(signs)),
                SafetyAnswer.Lift.NONE,
                SafetyAnswer.Pressures.NONE,
                true));
        women.seen(woman.id(), day.instant());
    }

    List<WarningSign> asked(Woman woman) {
        boolean pregnant = woman.dating().isPresent();
        return WarningSign.askedOf(pregnant);
    }

    /**
     * Keeps what she answered. A stop is lifted only by a form that showed it, with who said so and why.
     *
     * @return what is missing; empty when it was kept
     */
    @Transactional
    public List<Problem> keep(SignedIn me, Woman woman, SafetyForm form) {
        FormReader typed = form.typed();
        Set<WarningSign> signs = EnumSet.noneOf(WarningSign.class);
        signs.addAll(form.warningSigns());
        Set<Symptom> symptoms = form.symptomSet();
        if (form.warningSigns().isEmpty() == !form.isNoSign()) {
            typed.refuse("signs", form.isNoSign() ? "safe.both" : "safe.unanswered");
        }
        if (signs.isEmpty() && symptoms.isEmpty() == !form.isNoSymptom()) {
            typed.refuse("symptoms", symptoms.isEmpty() ? "safe.unanswered" : "safe.both");
        }
        SafetyAnswer.Pressures pressures = pressures(woman, form, typed, signs);
        Map<PainTold.SheetPainSite, Integer> pain = form.pain(typed);
        Set<LeakWhen> leaks = form.leaksWhen(typed);
        SafetyRecord record = of(woman);
        boolean lifts = signs.isEmpty() && form.isNoSign() && !record.stops().isEmpty();
        String by = typed.text("liftedBy", form.lifted().liftedBy(), LONGEST_NAME);
        String reason = typed.text("liftReason", form.lifted().liftReason(), LONGEST_REASON);
        if (lifts) {
            checkLifting(typed, record, form, by, reason);
        }
        if (typed.isClean()) {
            answers.insert(new SafetyMapper.NewAnswer(
                    woman.id(),
                    form.sent().formKey(),
                    new SafetyMapper.AskedRow(day.today(me), me.accountId(), day.instant()),
                    new SafetyAnswer.SymptomsTold(
                            ColumnCodec.constants(signs),
                            ColumnCodec.constants(symptoms),
                            ColumnCodec.constants(leaks),
                            whatToDo(signs)),
                    lifts ? new SafetyAnswer.Lift(record.latestStop(), by, reason) : SafetyAnswer.Lift.NONE,
                    pressures,
                    false));
            women.seen(woman.id(), day.instant());
            pain.forEach((place, amount) -> pains.insert(woman.id(), form.sent().formKey(), place, amount));
        }
        return typed.problems();
    }

    /**
     * Keeps that she was asked today, told no warning sign and none of the symptoms.
     *
     * @return false where that is not enough: something stops her, or her blood pressure is measured first
     */
    @Transactional
    public boolean toldNothing(SignedIn me, Woman woman) {
        SafetyRecord record = of(woman);
        if (!record.stops().isEmpty() || isPressureAsked(woman)) {
            return false;
        }
        return record.on(day.today(me)).isPresent()
                || keep(me, woman, SafetyForm.nothing(UUID.randomUUID().toString(), limitOf(woman)))
                        .isEmpty();
    }

    /** Whether her blood pressure is measured before a visit. */
    public boolean isPressureAsked(Woman woman) {
        return !Collections.disjoint(woman.conditionSet(), HIGH_PRESSURE);
    }

    /** The limit typed last, or the usual one. */
    BloodPressure limitOf(Woman woman) {
        return of(woman).answers().stream()
                .flatMap(answer -> answer.limit().stream())
                .findFirst()
                .orElse(BloodPressure.USUAL_LIMIT);
    }

    /** Measured, or said that it could not be; above the limit her clinician set it stops her. */
    private SafetyAnswer.Pressures pressures(Woman woman, SafetyForm form, FormReader typed, Set<WarningSign> signs) {
        if (!isPressureAsked(woman)) {
            return SafetyAnswer.Pressures.NONE;
        }
        Optional<BloodPressure> now = form.pressure(
                typed,
                "systolic",
                "diastolic",
                form.measured().systolic(),
                form.measured().diastolic());
        Optional<BloodPressure> limit = form.pressure(
                typed,
                "limitSystolic",
                "limitDiastolic",
                form.measured().limitSystolic(),
                form.measured().limitDiastolic());
        if (now.isEmpty() && !form.isNotMeasured() && typed.isClean()) {
            typed.refuse("systolic", "safe.pressure");
        }
        if (now.isPresent() && form.isNotMeasured()) {
            typed.refuse("systolic", "safe.pressureBoth");
        }
        BloodPressure held = limit.orElse(BloodPressure.USUAL_LIMIT);
        if (now.filter(measured -> measured.isAbove(held)).isPresent()) {
            signs.add(WarningSign.PRESSURE_ABOVE_LIMIT);
        }
        return new SafetyAnswer.Pressures(
                now.map(BloodPressure::systolic).orElse(null),
                now.map(BloodPressure::diastolic).orElse(null),
                held.systolic(),
                held.diastolic());
    }

    private static void checkLifting(FormReader typed, SafetyRecord record, SafetyForm form, String by, String reason) {
        if (form.seenStop() != record.latestStop()) {
            typed.refuse("signs", "safe.signMeanwhile", words(record));
            return;
        }
        if (by.isEmpty()) {
            typed.refuse("liftedBy", "safe.liftedBy");
        }
        if (reason.isEmpty()) {
            typed.refuse("liftReason", "safe.liftReason");
        }
    }

    private static String words(SafetyRecord record) {
        String known = record.signs().entrySet().stream()
                .map(told -> told.getKey().words() + ", reported " + Days.words(told.getValue()))
                .collect(Collectors.joining("; "));
        return known.isEmpty() ? String.join("; ", record.unknownSigns()) : known;
    }

    LocalDate today(SignedIn me) {
        return day.today(me);
    }

    /** The most urgent advice of all signs told. */
    static String whatToDo(Set<WarningSign> signs) {
        return String.join(" ", WarningSign.whatToDo(signs));
    }
}
