package openbloom.app.home;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.format.DateTimeParseException;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Pattern;
import openbloom.app.checks.SafetyService;
import openbloom.app.checks.pelvicfloor.Practices;
import openbloom.app.language.HerWords;
import openbloom.app.people.RecordReader;
import openbloom.app.people.WomanMapper;
import openbloom.app.session.SessionLine;
import openbloom.app.session.Sessions;
import openbloom.app.session.StoredResponse;
import openbloom.app.system.FormReader;
import openbloom.app.system.StudioDay;
import openbloom.core.Enums;
import openbloom.core.care.DailyActivity;
import openbloom.core.pelvicfloor.Prescription;
import openbloom.core.progress.DoseStep;
import openbloom.core.progress.Pain;
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

    private static final int MOST_COUNTED = 600;
    private static final int MOST_LINES = 200;
    private static final long CLOCKS_DIFFER_SECONDS = 300;
    private static final Pattern KEY = Pattern.compile("[A-Za-z0-9-]{8,64}");
    private static final Pattern NUMBER = Pattern.compile("\\d{1,18}");

    /** Ends of an exercise, and what may go wrong in one. */
    private static final Set<Noted> OF_A_MOVE =
            Set.of(Noted.DONE, Noted.PARTLY, Noted.SKIPPED, Noted.LEAKED, Noted.HEAVY, Noted.HURT);

    private static final Set<Noted> ENDS = Set.of(Noted.DONE, Noted.PARTLY, Noted.SKIPPED);

    /** What may have gone wrong in a practice, or nothing. */
    enum Trouble {
        LEAKED,
        HEAVY,
        HURT,
        DIZZY,
        NONE
    }

    /** What is answered to "do you have any of these". */
    enum SafeSaid {
        NONE,
        YES
    }

    private final HomeMapper rows;
    private final HomeLinks links;
    private final WomanMapper women;
    private final Sessions sessions;
    private final SafetyService safety;
    private final Practices practices;
    private final RecordReader records;
    private final StudioDay day;

    HomeAnswers(
            HomeMapper rows,
            HomeLinks links,
            WomanMapper women,
            Sessions sessions,
            SafetyService safety,
            Practices practices,
            RecordReader records,
            StudioDay day) {
        this.rows = rows;
        this.links = links;
        this.women = women;
        this.sessions = sessions;
        this.safety = safety;
        this.practices = practices;
        this.records = records;
        this.day = day;
    }

    /** An answer as it is read: of whom, of which day, of which practice. */
    private record Read(
            HomeVisitor her, AnswerForm form, AnswerKind kind, LocalDate on, Optional<Sessions.ComposedFor> practice) {
        HerWords words() {
            return her.words();
        }

        /** Of one woman alone: what another sends under the same key is another answer. */
        String key() {
            return keyOf("");
        }

        /** One of several that come of it. */
        String keyOf(Object part) {
            String all = her.woman().id() + " " + form.sent().formKey() + " " + part;
            return UUID.nameUUIDFromBytes(all.getBytes(StandardCharsets.UTF_8)).toString();
        }

        Sessions.ComposedFor ofPractice() {
            return practice.orElseThrow();
        }
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
        if (kind.isEmpty() || !KEY.matcher(key).matches()) {
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
        Read read = new Read(her, form, kind.get(), on.isAfter(today) ? today : on, practiceOf(her, form));
        Optional<String> refused = read(read);
        if (refused.isEmpty()) {
            rows.insertAnswer(new HomeMapper.NewAnswer(
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

    private Optional<String> read(Read answer) {
        boolean ofAPractice = switch (answer.kind()) {
            case MOVE, DONE, EFFORT, TROUBLE, MORNING -> true;
            case SAFE, SIGN, FLOOR, DAYS, QUESTION -> false;
        };
        if (ofAPractice && answer.practice().isEmpty()) {
            return Optional.of(answer.words().of("refuse.session"));
        }
        return switch (answer.kind()) {
            case SAFE -> safe(answer);
            case SIGN -> sign(answer);
            case MOVE -> move(answer);
            case DONE -> done(answer);
            case EFFORT ->
                chosen(answer, Noted.class).filter(Noted::isEffort).isPresent() ? kept() : unreadable(answer);
            case TROUBLE -> trouble(answer);
            case MORNING -> morning(answer);
            case FLOOR -> floor(answer);
            case DAYS -> days(answer);
            case QUESTION -> question(answer);
        };
    }

    private static Optional<String> kept() {
        return Optional.empty();
    }

    private static Optional<String> unreadable(Read answer) {
        return Optional.of(answer.words().of("refuse.kind"));
    }

    private static <E extends Enum<E>> Optional<E> chosen(Read answer, Class<E> type) {
        return Enums.named(type, Objects.toString(answer.form().said().told(), ""));
    }

    /** A yes stops her at once, before she has said which. */
    private Optional<String> safe(Read answer) {
        Optional<SafeSaid> said = chosen(answer, SafeSaid.class);
        if (said.isEmpty()) {
            return unreadable(answer);
        }
        if (said.get() == SafeSaid.YES) {
            stop(answer, WarningSign.NOT_SAID_WHICH);
        }
        return kept();
    }

    private Optional<String> sign(Read answer) {
        Optional<WarningSign> sign = chosen(answer, WarningSign.class);
        sign.ifPresent(told -> stop(answer, told));
        return sign.isPresent() ? kept() : unreadable(answer);
    }

    private void stop(Read answer, WarningSign sign) {
        safety.signFromHome(answer.her().woman(), answer.her().givenBy().id(), answer.key(), answer.on(), sign);
    }

    private Optional<String> move(Read answer) {
        FormReader typed = new FormReader();
        Optional<Integer> line =
                typed.requiredWhole("line", answer.form().practice().line(), 0, MOST_LINES);
        Optional<Noted> noted = chosen(answer, Noted.class).filter(OF_A_MOVE::contains);
        if (line.isEmpty() || line.get() >= answer.ofPractice().plan().items().size()) {
            return Optional.of(answer.words().of("refuse.move"));
        }
        if (noted.isEmpty()) {
            return unreadable(answer);
        }
        Optional<String> pain = wrongPain(answer);
        if (pain.isPresent()) {
            return pain;
        }
        String counted = Objects.toString(answer.form().counted().counted(), "");
        if (typed.whole("counted", counted, 0, MOST_COUNTED).isEmpty() && !counted.isBlank()) {
            return Optional.of(answer.words().of("refuse.count", MOST_COUNTED, counted));
        }
        respond(answer, line.get(), noted.get(), answer.key());
        return kept();
    }

    private static Optional<String> wrongPain(Read answer) {
        String typed = Objects.toString(answer.form().said().pain(), "");
        boolean right = typed.isBlank()
                || new FormReader().whole("pain", typed, 0, Pain.MOST).isPresent();
        return right ? kept() : Optional.of(answer.words().of("refuse.pain"));
    }

    private void respond(Read answer, int line, Noted noted, String key) {
        Sessions.ComposedFor practice = answer.ofPractice();
        SessionLine item = practice.plan().items().get(line);
        int asked = item.counting(practice.plan().format()).total();
        Integer done = new FormReader()
                .whole("counted", answer.form().counted().counted(), 0, MOST_COUNTED)
                .map(counted -> Math.min(counted, asked))
                .orElse(noted == Noted.DONE ? (Integer) asked : null);
        Integer pain = noted == Noted.HURT
                ? new FormReader()
                        .whole("pain", answer.form().said().pain(), 0, Pain.MOST)
                        .orElse(null)
                : null;
        String place = noted == Noted.HURT ? place(answer).map(PainSite::name).orElse("") : "";
        Optional<String> instead = Optional.ofNullable(answer.form().said().instead())
                .filter(before -> KEY.matcher(before).matches())
                .map(before -> UUID.nameUUIDFromBytes(
                                (answer.her().woman().id() + " " + before + " ").getBytes(StandardCharsets.UTF_8))
                        .toString());
        sessions.respond(
                practice,
                new Sessions.NewResponse(
                        line,
                        noted,
                        place,
                        new StoredResponse.How(
                                pain,
                                ENDS.contains(noted) ? done : null,
                                ENDS.contains(noted) && done != null ? (Integer) asked : null,
                                item.doseStep() == 0 ? DoseStep.WRITTEN : item.doseStep(),
                                null,
                                ""),
                        key,
                        instead,
                        answer.form().said().takenBack() != null && instead.isPresent()),
                practice.stored().plannedOn());
    }

    private static Optional<PainSite> place(Read answer) {
        return PainSite.named(Objects.toString(answer.form().said().place(), ""));
    }

    /** All of it is said of each exercise of which nothing is known yet. */
    private Optional<String> done(Read answer) {
        Optional<HowMuch> much = chosen(answer, HowMuch.class);
        if (much.isEmpty()) {
            return unreadable(answer);
        }
        if (much.get() == HowMuch.ALL) {
            Set<Integer> ended = new HashSet<>();
            sessions.responsesIn(answer.ofPractice().stored().id()).stream()
                    .filter(told -> ENDS.contains(told.told()))
                    .forEach(told -> ended.add(answer.ofPractice().plan().itemOf(told)));
            for (int line = 0; line < answer.ofPractice().plan().items().size(); line++) {
                if (!ended.contains(line)) {
                    respond(answer, line, Noted.DONE, answer.keyOf(line));
                }
            }
        }
        return kept();
    }

    private Optional<String> trouble(Read answer) {
        Optional<Trouble> trouble = chosen(answer, Trouble.class);
        Optional<String> pain = wrongPain(answer);
        if (trouble.isEmpty() || pain.isPresent()) {
            return trouble.isEmpty() ? unreadable(answer) : pain;
        }
        if (trouble.get() == Trouble.DIZZY) {
            stop(answer, WarningSign.DIZZINESS);
        }
        Optional<Noted> noted = Enums.named(Noted.class, trouble.get().name()).filter(OF_A_MOVE::contains);
        if (noted.isEmpty()) {
            return kept();
        }
        String line = Objects.toString(answer.form().practice().line(), "");
        if (!line.isBlank()) {
            return new FormReader()
                    .whole("line", line, 0, answer.ofPractice().plan().items().size() - 1)
                    .map(at -> {
                        respond(answer, at, noted.get(), answer.key());
                        return kept();
                    })
                    .orElseGet(() -> Optional.of(answer.words().of("refuse.move")));
        }
        safety.reportFromHome(
                answer.her().woman(),
                answer.key(),
                new HomeReport(answer.on(), noted.get(), place(answer)),
                new FormReader()
                        .whole("pain", answer.form().said().pain(), 0, Pain.MOST)
                        .orElse(null));
        return kept();
    }

    private Optional<String> morning(Read answer) {
        Optional<Integer> pain =
                new FormReader().requiredWhole("pain", answer.form().said().pain(), 0, Pain.MOST);
        if (pain.isEmpty()) {
            return Optional.of(answer.words().of("refuse.pain"));
        }
        Optional<PainSite> where = sessions
                .responsesIn(answer.ofPractice().stored().id())
                .stream()
                .filter(told -> told.told() == Noted.HURT)
                .flatMap(told -> PainSite.named(told.place()).stream())
                .findFirst();
        safety.morningFromHome(answer.her().woman(), answer.key(), answer.on(), where, pain.get());
        return kept();
    }

    private Optional<String> floor(Read answer) {
        FormReader typed = new FormReader();
        AnswerForm.CountedSo counted = answer.form().counted();
        Optional<Integer> holds = typed.requiredWhole("holds", counted.holds(), 0, MOST_COUNTED);
        Optional<Integer> flicks = typed.requiredWhole("flicks", counted.flicks(), 0, MOST_COUNTED);
        if (holds.isEmpty() || flicks.isEmpty()) {
            return Optional.of(
                    answer.words().of("refuse.count", MOST_COUNTED, counted.holds() + ", " + counted.flicks()));
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
        return kept();
    }

    private Optional<String> days(Read answer) {
        FormReader typed = new FormReader();
        List<String> sent = answer.form().said().days() == null
                ? List.of()
                : answer.form().said().days().stream()
                        .flatMap(days -> Arrays.stream(days.split(",")))
                        .toList();
        Set<DailyActivity> told = typed.choices("days", sent, DailyActivity.class);
        if (!typed.isClean()) {
            return unreadable(answer);
        }
        links.tellDays(answer.her().woman().id(), told);
        return kept();
    }

    private static Optional<String> question(Read answer) {
        String text = Objects.toString(answer.form().said().text(), "").strip();
        if (text.isEmpty()) {
            return Optional.of(answer.words().of("refuse.empty"));
        }
        return text.length() > LONGEST_QUESTION
                ? Optional.of(answer.words().of("refuse.text", LONGEST_QUESTION, text.length()))
                : kept();
    }

    /** What all her answers about a practice come to. */
    private void allInAll(HomeVisitor her, Sessions.ComposedFor practice) {
        List<AnswerRow> all = rows.answersOf(her.woman().id(), practice.stored().plannedOn());
        PracticeTold told = told(all, practice.stored().id());
        boolean isDone = told.done().filter(much -> much != HowMuch.NOTHING).isPresent();
        sessions.toldAtHome(practice, isDone, told.effort());
    }

    /** What she told of one practice. */
    static PracticeTold told(List<AnswerRow> all, long sessionId) {
        Set<HowMuch> much = new HashSet<>();
        Set<Noted> efforts = new HashSet<>();
        Set<Noted> troubles = new HashSet<>();
        Set<Integer> mornings = new HashSet<>();
        boolean untroubled = false;
        Set<String> takenBack = new HashSet<>();
        all.stream()
                .filter(row -> !row.field("takenBack").isEmpty())
                .forEach(row -> takenBack.addAll(List.of(row.key(), row.field("instead"))));
        for (AnswerRow row : all) {
            if (!Objects.equals(row.sessionId(), sessionId)) {
                continue;
            }
            if (row.is(AnswerKind.DONE)) {
                row.field("told", HowMuch.class).ifPresent(much::add);
            } else if (row.is(AnswerKind.EFFORT)) {
                row.field("told", Noted.class).ifPresent(efforts::add);
            } else if (row.is(AnswerKind.MORNING)) {
                row.number("pain").ifPresent(mornings::add);
            } else if (row.is(AnswerKind.TROUBLE) || row.is(AnswerKind.MOVE) && !takenBack.contains(row.key())) {
                row.field("told", Noted.class).filter(Noted::isAgainst).ifPresent(troubles::add);
                untroubled |= row.field("told").equals(Trouble.NONE.name());
            }
        }
        return new PracticeTold(much, efforts, troubles, untroubled, mornings);
    }
}
