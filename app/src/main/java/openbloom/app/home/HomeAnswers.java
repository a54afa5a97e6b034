package openbloom.app.home;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.format.DateTimeParseException;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import openbloom.app.checks.SafetyService;
import openbloom.app.checks.pelvicfloor.Practices;
import openbloom.app.language.HerWords;
import openbloom.app.people.RecordReader;
import openbloom.app.people.WomanMapper;
import openbloom.app.session.Sessions;
import openbloom.app.system.FormReader;
import openbloom.app.system.StudioDay;
import openbloom.core.Enums;
import openbloom.core.care.DailyActivity;
import openbloom.core.pelvicfloor.Prescription;
import openbloom.core.record.HomeReport;
import openbloom.core.record.Noted;
import openbloom.core.record.Occasion;
import openbloom.core.record.PainSite;
import openbloom.core.record.PracticeTold;
import openbloom.core.record.PracticeTold.HowMuch;
import openbloom.core.screening.WarningSign;
import openbloom.core.verdict.Facts;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What she sends from home: read, kept once as she sent it, and put where it counts. It holds back and lowers; nothing of it lets
 * her do more.
 */
@Service
class HomeAnswers {
    static final int LONGEST_QUESTION = 300;
    static final int LATEST_DAYS = 14;

    private static final long CLOCKS_DIFFER_SECONDS = 300;
    private static final Pattern NUMBER = Pattern.compile("\\d{1,18}");

    /** What is answered to "do you have any of these". */
    enum SafeSaid {
        NONE,
        YES
    }

    private final HomeMapper rows;
    private final HomeLinks links;
    private final WomanMapper women;
    private final Sessions sessions;
    private final PracticeAnswers ofPractices;
    private final SafetyService safety;
    private final Practices practices;
    private final RecordReader records;
    private final StudioDay day;

    HomeAnswers(
            HomeMapper rows,
            HomeLinks links,
            WomanMapper women,
            Sessions sessions,
            PracticeAnswers ofPractices,
            SafetyService safety,
            Practices practices,
            RecordReader records,
            StudioDay day) {
        this.rows = rows;
        this.links = links;
        this.women = women;
        this.sessions = sessions;
        this.ofPractices = ofPractices;
        this.safety = safety;
        this.practices = practices;
        this.records = records;
        this.day = day;
    }

    /**
     * Keeps an answer.
     *
     * @return why it is not kept, in her language; empty when it was, now or before
     */
    @Transactional
    Optional<String> keep(HomeVisitor her, AnswerForm form) {
        HerWords words = her.words();
        Optional<AnswerKind> kind =
                Enums.named(AnswerKind.class, Objects.toString(form.sent().kind(), ""));
        String key = Objects.toString(form.sent().formKey(), "");
        if (kind.isEmpty() || !HomeAnswer.KEY.matcher(key).matches()) {
            return Optional.of(words.of("refuse.kind"));
        }
        women.aloneWith(her.woman().id());
        String said = AnswerRow.written(form.fields());
        Optional<String> before = rows.saidUnder(her.woman().id(), key);
        if (before.isPresent()) {
            return before.get().equals(said) ? Optional.empty() : Optional.of(words.of("refuse.twice"));
        }
        LocalDate today = day.today(her);
        LocalDate on = new FormReader().date("day", form.sent().day()).orElse(today);
        if (on.isBefore(today.minusDays(LATEST_DAYS))) {
            return Optional.of(words.of("refuse.late", words.fullDay(on), LATEST_DAYS));
        }
        HomeAnswer read = new HomeAnswer(her, form, kind.get(), on.isAfter(today) ? today : on, practiceOf(her, form));
        Optional<String> refused = read(read);
        if (refused.isEmpty()) {
            rows.insertAnswer(new HomeMapper.NewHomeAnswer(
                    her.woman().id(),
                    her.link().id(),
                    key,
                    read.kind(),
                    read.on(),
                    new HomeMapper.AnswerTimes(given(form, read.on()), day.instant()),
                    read.practice().map(practice -> practice.stored().id()).orElse(null),
                    said));
            read.practice().ifPresent(practice -> allInAll(her, practice));
        }
        return refused;
    }

    /** When she gave it by her phone, where that can be; a clock that is wrong counts for nothing. */
    private Instant given(AnswerForm form, LocalDate on) {
        Instant now = day.instant();
        try {
            Instant told = Instant.parse(Objects.toString(form.sent().at(), ""));
            boolean canBe = !told.isAfter(now.plusSeconds(CLOCKS_DIFFER_SECONDS))
                    && !told.isBefore(on.minusDays(1).atStartOfDay().toInstant(ZoneOffset.UTC));
            return canBe && told.isBefore(now) ? told : now;
        } catch (DateTimeParseException noTime) {
            return now;
        }
    }

    /** A practice at home of hers, and nothing else. */
    private Optional<Sessions.ComposedFor> practiceOf(HomeVisitor her, AnswerForm form) {
        return Optional.ofNullable(form.practice().session())
                .filter(typed -> NUMBER.matcher(typed).matches())
                .flatMap(typed -> sessions.find(her.woman(), Long.parseLong(typed)))
                .filter(practice -> practice.stored().occasion() == Occasion.HOME);
    }

    private Optional<String> read(HomeAnswer answer) {
        boolean ofAPractice = switch (answer.kind()) {
            case MOVE, DONE, EFFORT, TROUBLE, MORNING -> true;
            case SAFE, SIGN, FLOOR, DAYS, QUESTION -> false;
        };
        if (ofAPractice && answer.practice().isEmpty()) {
            return answer.refused("refuse.session");
        }
        return switch (answer.kind()) {
            case SAFE -> safe(answer);
            case SIGN -> sign(answer);
            case MOVE -> ofPractices.move(answer);
            case DONE -> ofPractices.done(answer);
            case EFFORT ->
                answer.chosen(Noted.class).filter(Noted::isEffort).isPresent()
                        ? HomeAnswer.kept()
                        : answer.unreadable();
            case TROUBLE -> ofPractices.trouble(answer);
            case MORNING -> ofPractices.morning(answer);
            case FLOOR -> floor(answer);
            case DAYS -> days(answer);
            case QUESTION -> question(answer);
        };
    }

    /** A yes stops her at once, before she has said which. */
    private Optional<String> safe(HomeAnswer answer) {
        Optional<SafeSaid> said = answer.chosen(SafeSaid.class);
        if (said.isEmpty()) {
            return answer.unreadable();
        }
        if (said.get() == SafeSaid.YES) {
            stop(safety, answer, WarningSign.NOT_SAID_WHICH);
        }
        return HomeAnswer.kept();
    }

    private Optional<String> sign(HomeAnswer answer) {
        Optional<WarningSign> sign = answer.chosen(WarningSign.class);
        sign.ifPresent(told -> stop(safety, answer, told));
        return sign.isPresent() ? HomeAnswer.kept() : answer.unreadable();
    }

    static void stop(SafetyService safety, HomeAnswer answer, WarningSign sign) {
        safety.signFromHome(answer.her().woman(), answer.her().givenBy().id(), answer.key(), answer.on(), sign);
    }

    private Optional<String> floor(HomeAnswer answer) {
        FormReader typed = new FormReader();
        AnswerForm.CountedSo counted = answer.form().counted();
        Optional<Integer> holds = typed.requiredWhole("holds", counted.holds(), 0, HomeAnswer.MOST_COUNTED);
        Optional<Integer> flicks = typed.requiredWhole("flicks", counted.flicks(), 0, HomeAnswer.MOST_COUNTED);
        if (holds.isEmpty() || flicks.isEmpty()) {
            return answer.refused("refuse.count", HomeAnswer.MOST_COUNTED, counted.holds() + ", " + counted.flicks());
        }
        Facts facts = new Facts(records.clientOn(answer.her().woman(), answer.on()), answer.on());
        Prescription given = practices.prescribed(answer.her().woman(), facts);
        practices.keepFromHome(
                answer.her().woman(),
                answer.her().givenBy().id(),
                answer.key(),
                answer.on(),
                given,
                new Practices.HomeSet(holds.get(), flicks.get(), counted.hurt() != null, counted.heavy() != null));
        if (counted.heavy() != null) {
            safety.reportFromHome(
                    answer.her().woman(),
                    answer.keyOf(Noted.HEAVY),
                    new HomeReport(answer.on(), Noted.HEAVY, Optional.empty()),
                    null);
        }
        if (counted.hurt() != null) {
            safety.reportFromHome(
                    answer.her().woman(),
                    answer.keyOf(Noted.HURT),
                    new HomeReport(answer.on(), Noted.HURT, Optional.of(PainSite.PELVIC_FLOOR)),
                    null);
        }
        return HomeAnswer.kept();
    }

    private Optional<String> days(HomeAnswer answer) {
        FormReader typed = new FormReader();
        List<String> sent = answer.form().said().days() == null
                ? List.of()
                : answer.form().said().days().stream()
                        .flatMap(days -> Arrays.stream(days.split(",")))
                        .toList();
        Set<DailyActivity> told = typed.choices("days", sent, DailyActivity.class);
        if (!typed.isClean()) {
            return answer.unreadable();
        }
        links.tellDays(answer.her().woman().id(), told);
        return HomeAnswer.kept();
    }

    private static Optional<String> question(HomeAnswer answer) {
        String text = Objects.toString(answer.form().said().text(), "").strip();
        if (text.isEmpty()) {
            return answer.refused("refuse.empty");
        }
        return text.length() > LONGEST_QUESTION
                ? answer.refused("refuse.text", LONGEST_QUESTION, text.length())
                : HomeAnswer.kept();
    }

    /** What all her answers about a practice come to. */
    private void allInAll(HomeVisitor her, Sessions.ComposedFor practice) {
        List<AnswerRow> all = rows.answersOf(her.woman().id(), practice.stored().plannedOn());
        PracticeTold told = PracticeAnswers.told(all, practice.stored().id());
        boolean isDone = told.done().filter(much -> much != HowMuch.NOTHING).isPresent();
        sessions.toldAtHome(practice, isDone, told.effort());
    }
}
