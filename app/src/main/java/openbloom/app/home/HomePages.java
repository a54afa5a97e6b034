package openbloom.app.home;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import openbloom.app.checks.SheetFindings;
import openbloom.app.checks.pelvicfloor.Practices;
import openbloom.app.language.HerWords;
import openbloom.app.moves.Judgements;
import openbloom.app.people.VisitMapper;
import openbloom.app.program.BetweenSessions;
import openbloom.app.program.ProgramDocument;
import openbloom.app.program.Programs;
import openbloom.app.session.SessionLine;
import openbloom.app.session.Sessions;
import openbloom.app.system.StudioDay;
import openbloom.core.care.DailyActivity;
import openbloom.core.care.HabitPrompts;
import openbloom.core.moves.Move;
import openbloom.core.pelvicfloor.Pacer;
import openbloom.core.pelvicfloor.Prescription;
import openbloom.core.pelvicfloor.Track;
import openbloom.core.record.Goal;
import openbloom.core.record.Noted;
import openbloom.core.record.PainHold;
import openbloom.core.record.PainSite;
import openbloom.core.record.PracticeTold;
import openbloom.core.screening.WarningSign;
import openbloom.core.session.Place;
import openbloom.core.session.Side;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Verdict;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Puts her page together. */
@Component
class HomePages {
    private static final int NOON_IS_NEAR = 11;
    private static final int EVENING = 18;
    private static final int SECONDS = 60;
    private static final int WEEK = 7;
    private static final int QUESTIONS_SHOWN_DAYS = 60;
    private static final int PAIN_ASKED_DAYS = 2;

    private final HomeMapper rows;
    private final HomePractices practices;
    private final Practices floors;
    private final Sessions sessions;
    private final Programs programs;
    private final BetweenSessions between;
    private final Judgements judgements;
    private final VisitMapper visits;
    private final HomeStops stops;
    private final SheetFindings findings;
    private final StudioDay day;
    private final JsonMapper json;

    HomePages(
            HomeMapper rows,
            HomePractices practices,
            Practices floors,
            Sessions sessions,
            Programs programs,
            BetweenSessions between,
            Judgements judgements,
            VisitMapper visits,
            HomeStops stops,
            SheetFindings findings,
            StudioDay day,
            JsonMapper json) {
        this.rows = rows;
        this.practices = practices;
        this.floors = floors;
        this.sessions = sessions;
        this.programs = programs;
        this.between = between;
        this.judgements = judgements;
        this.visits = visits;
        this.stops = stops;
        this.findings = findings;
        this.day = day;
        this.json = json;
    }

    HomeView of(HomeVisitor her, String token) {
        LocalDate today = day.today(her);
        Judgement judgement = judgements.of(her.woman(), today, Place.HOME);
        List<AnswerRow> answers = rows.answersOf(her.woman().id(), today.minusDays(QUESTIONS_SHOWN_DAYS));
        Optional<HomeView.StopShown> stop = stops.standing(her);
        Optional<Sessions.ComposedFor> practice = stop.isPresent() ? Optional.empty() : practices.of(her, today);
        boolean hasExercises =
                practice.filter(one -> !one.plan().items().isEmpty()).isPresent();
        return new HomeView(
                greeting(her),
                today,
                stop,
                asked(her, judgement, answers, today),
                practice.filter(one -> hasExercises).map(one -> shown(her, token, one, judgement)),
                new HomeView.TodaySaid(
                        hasExercises || stop.isPresent() ? List.of() : noPractice(her, practice.isPresent(), today),
                        practice.filter(one -> one.stored().taughtOn() != null).isPresent()),
                new HomeView.AtHand(
                        week(her, today),
                        moments(her, judgement),
                        floor(her, judgement),
                        stops.all(her),
                        places(her, judgement),
                        explained(her, judgement)),
                questions(her, answers));
    }

    private String greeting(HomeVisitor her) {
        int hour = day.now(her.zone()).getHour();
        String key = hour < NOON_IS_NEAR ? "hello.morning" : hour < EVENING ? "hello.day" : "hello.evening";
        return her.words().of(key, her.firstName());
    }

    private HomeView.AskedFirst asked(HomeVisitor her, Judgement judgement, List<AnswerRow> answers, LocalDate today) {
        boolean answered = answers.stream()
                .anyMatch(row -> row.is(AnswerKind.SAFE) && row.forDay().equals(today));
        return new HomeView.AskedFirst(
                stops.choices(her, judgement.facts().isPregnant()),
                stops.toDo(her, WarningSign.NOT_SAID_WHICH),
                answered,
                morning(her, answers, today).orElse(null));
    }

    /** The practice that hurt yesterday or the day before, if nobody asked about the morning after. */
    private Optional<Long> morning(HomeVisitor her, List<AnswerRow> answers, LocalDate today) {
        return IntStream.rangeClosed(1, PAIN_ASKED_DAYS)
                .mapToObj(back -> sessions.atHome(her.woman(), today.minusDays(back)))
                .flatMap(Optional::stream)
                .findFirst()
                .map(practice -> practice.stored().id())
                .filter(session -> {
                    PracticeTold told = PracticeAnswers.told(answers, session);
                    return told.troubles().contains(Noted.HURT)
                            && told.mornings().isEmpty();
                });
    }

    private HomeView.PracticeShown shown(
            HomeVisitor her, String token, Sessions.ComposedFor practice, Judgement judgement) {
        HerWords words = her.words();
        List<String> counts = sessions.counts(practice.plan(), kind -> words.of("step", kind));
        Map<Integer, String> ended = ended(practice);
        List<HomeView.LineShown> lines = new ArrayList<>();
        for (int at = 0; at < practice.plan().items().size(); at++) {
            SessionLine item = practice.plan().items().get(at);
            String figure = "/home/" + token + "/figures/" + practice.stored().id() + "/" + at;
            lines.add(line(words, item, judgement, counts.get(at), figure, ended.getOrDefault(at, "")));
        }
        int minutes = Math.max(1, Math.round(practice.plan().seconds() / (float) SECONDS));
        String summary = words.of(
                "today.practice",
                minutes,
                practice.plan().items().stream()
                        .map(SessionLine::moveId)
                        .distinct()
                        .count());
        return new HomeView.PracticeShown(practice.stored().id(), summary, minutes, lines, !ended.isEmpty());
    }

    /** How each line ended, as far as she told. */
    private Map<Integer, String> ended(Sessions.ComposedFor practice) {
        return sessions.responsesIn(practice.stored().id()).stream()
                .filter(told ->
                        told.told() == Noted.DONE || told.told() == Noted.PARTLY || told.told() == Noted.SKIPPED)
                .collect(Collectors.toMap(
                        practice.plan()::itemOf, told -> told.told().name(), (before, after) -> after));
    }

    private static HomeView.LineShown line(
            HerWords words, SessionLine item, Judgement judgement, String count, String figure, String ended) {
        Optional<Move> known = judgement.catalogue().find(item.moveId());
        Optional<Verdict> now = known.map(judgement::of);
        String setup = known.map(move -> String.join(" ", words.setup(move)))
                .orElseGet(() -> String.join(" ", item.taught().setup()));
        List<String> changes = now.map(verdict -> words.changes(verdict.adjustments(), verdict.move(), judgement))
                .orElse(List.of());
        return new HomeView.LineShown(
                new HomeView.LineNamed(
                        known.map(words::name).orElse(item.name()),
                        item.side() == Side.BOTH ? "" : words.of("side", item.side()),
                        dose(words, item),
                        item.named().strand().name()),
                new HomeView.LineTaught(
                        setup,
                        known.map(move -> words.cue(move, judgement))
                                .orElse(item.taught().cue()),
                        words.of("breath", item.pace().breath()),
                        String.join("; ", changes)),
                known.isPresent() ? figure : "",
                count,
                item.pace().setUpSeconds(),
                isLeftOut(judgement, known, now),
                known.map(HomePages::loads).orElse(List.of()),
                ended);
    }

    /** What has come since may forbid what was begun; an exercise nobody knows any more is left out. */
    private static boolean isLeftOut(Judgement judgement, Optional<Move> known, Optional<Verdict> now) {
        return now.map(verdict -> !verdict.kind().passes()).orElse(true)
                || known.filter(move -> judgement.facts().client().standing().holds().stream()
                                .anyMatch(hold -> hold.holds(move)))
                        .isPresent();
    }

    private static List<String> loads(Move move) {
        return Arrays.stream(PainSite.values())
                .filter(place -> place.isLoadedBy(move))
                .map(PainSite::name)
                .toList();
    }

    /** How much of an exercise, in her words. */
    private static String dose(HerWords words, SessionLine item) {
        SessionLine.LineDose dose = item.amount();
        return words.dose(new HerWords.DoseGiven(
                dose.sets(), dose.repetitions(), dose.holdSeconds(), dose.breaths(), dose.restSeconds()));
    }

    private List<String> noPractice(HomeVisitor her, boolean wasPlanned, LocalDate today) {
        List<String> said = new ArrayList<>();
        HerWords words = her.words();
        Optional<ProgramDocument.SessionTold> next = practices.next(her, today);
        boolean hasPlan = next.isPresent() || wasPlanned;
        said.add(words.of(wasPlanned ? "today.empty" : hasPlan ? "today.rest" : "today.noPlan"));
        next.ifPresent(session -> said.add(words.of("today.next", words.day(session.date()), session.minutes())));
        return said;
    }

    /** This week, Monday first. */
    private List<HomeView.WeekDay> week(HomeVisitor her, LocalDate today) {
        LocalDate monday = today.minusDays(today.getDayOfWeek().getValue() - 1L);
        Optional<Programs.KeptProgram> program = programs.latest(her.woman().id());
        Map<LocalDate, List<LocalDateTime>> visited = visits.ahead(her.woman().id(), monday.atStartOfDay()).stream()
                .map(visit -> visit.startsAt())
                .collect(Collectors.groupingBy(LocalDateTime::toLocalDate));
        return IntStream.range(0, WEEK)
                .mapToObj(monday::plusDays)
                .map(date -> weekDay(her, date, program.flatMap(one -> one.on(date)), visited, today))
                .toList();
    }

    private HomeView.WeekDay weekDay(
            HomeVisitor her,
            LocalDate date,
            Optional<ProgramDocument.SessionTold> planned,
            Map<LocalDate, List<LocalDateTime>> visited,
            LocalDate today) {
        HerWords words = her.words();
        List<String> what = new ArrayList<>();
        visited.getOrDefault(date, List.of()).forEach(at -> what.add(words.of("week.visit", at.toLocalTime())));
        Optional<Sessions.ComposedFor> done = sessions.atHome(her.woman(), date)
                .filter(practice -> practice.stored().taughtOn() != null);
        if (done.isPresent()) {
            what.add(words.of("week.practiceDone"));
        } else {
            planned.filter(ProgramDocument.SessionTold::happensAtHome)
                    .ifPresent(session -> what.add(
                            date.isBefore(today)
                                    ? words.of("week.practiceOpen")
                                    : words.of("week.practice", session.minutes())));
        }
        return new HomeView.WeekDay(
                words.day(date), what.isEmpty() ? List.of(words.of("week.free")) : what, date.equals(today));
    }

    private List<HomeView.PlaceShown> places(HomeVisitor her, Judgement judgement) {
        HerWords words = her.words();
        return between.places(judgement).stream()
                .map(set -> new HomeView.PlaceShown(
                        words.title(set),
                        set.moves().stream()
                                .map(Verdict::move)
                                .map(move -> new HomeView.SmallOne(words.name(move), words.cue(move, judgement)))
                                .toList()))
                .toList();
    }

    private List<HomeView.CardShown> explained(HomeVisitor her, Judgement judgement) {
        return between.explanations(judgement).stream()
                .map(card -> new HomeView.CardShown(
                        card.id(),
                        her.words().title(card),
                        her.words().words(card),
                        her.words().title(card)))
                .toList();
    }

    private HomeView.MomentsShown moments(HomeVisitor her, Judgement judgement) {
        List<String> prompts =
                HabitPrompts.fitted(
                                judgement.facts(),
                                letsGo(her, judgement),
                                her.page().days())
                        .stream()
                        .map(prompt -> her.words().of("prompt", prompt))
                        .toList();
        return new HomeView.MomentsShown(
                prompts,
                Arrays.stream(DailyActivity.values())
                        .map(one -> new HomeView.Choice(one.name(), her.words().of("day", one)))
                        .toList(),
                her.page().days().stream().map(DailyActivity::name).toList());
    }

    private boolean letsGo(HomeVisitor her, Judgement judgement) {
        return programs.wishesOn(her.woman(), judgement).goals().contains(Goal.LET_GO)
                || floors.prescribed(her.woman(), judgement.facts()).track() == Track.RELEASE;
    }

    /** As JSON: what the pacer of her page goes by. */
    private record PhaseShown(String kind, int seconds, String words, boolean counts) {}

    private Optional<HomeView.FloorShown> floor(HomeVisitor her, Judgement judgement) {
        if (findings.pelvicFloorChecks(her.woman().id(), judgement.facts().day())
                .isEmpty()) {
            return Optional.empty();
        }
        Prescription given = floors.prescribed(her.woman(), judgement.facts());
        HerWords words = her.words();
        List<PhaseShown> phases = Pacer.of(given).stream()
                .map(phase -> new PhaseShown(
                        phase.kind().name(), phase.seconds(), words.of("said", phase.said()), phase.counts()))
                .toList();
        int times = floors.timesOn(her.woman(), judgement.facts().day());
        return Optional.of(new HomeView.FloorShown(
                words.floor(given),
                json.writeValueAsString(phases),
                given.holds().repetitions() + given.shortHolds().repetitions(),
                given.flicks().repetitions() * given.flicks().sets(),
                words.of("floor.todays", times)));
    }

    private List<HomeView.QuestionShown> questions(HomeVisitor her, List<AnswerRow> answers) {
        HerWords words = her.words();
        Map<Long, HomeMapper.ReplyRow> replies = rows.repliesTo(her.woman().id()).stream()
                .collect(Collectors.toMap(HomeMapper.ReplyRow::answerId, reply -> reply));
        return answers.stream()
                .filter(row -> row.is(AnswerKind.QUESTION))
                .map(row -> {
                    Optional<HomeMapper.ReplyRow> reply = Optional.ofNullable(replies.get(row.id()));
                    return new HomeView.QuestionShown(
                            words.shortDay(row.forDay()),
                            row.field("text"),
                            reply.map(one -> words.of("ask.answered", one.repliedBy(), words.shortDay(one.repliedOn())))
                                    .orElse(words.of("ask.open")),
                            reply.map(HomeMapper.ReplyRow::words).orElse(""));
                })
                .toList();
    }

    /** Pain above this, 0 to 10, ends an exercise. */
    int stopsAbove() {
        return PainHold.HOLDS_ABOVE;
    }
}
