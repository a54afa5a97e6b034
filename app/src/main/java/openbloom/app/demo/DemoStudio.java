package openbloom.app.demo;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import openbloom.app.checks.SafetyAnswer;
import openbloom.app.checks.SafetyMapper;
import openbloom.app.checks.Sheets;
import openbloom.app.checks.sensor.SensorRecordings;
import openbloom.app.feedback.LadderPages;
import openbloom.app.home.HomeStory;
import openbloom.app.moves.Judgements;
import openbloom.app.people.VisitMapper;
import openbloom.app.people.Woman;
import openbloom.app.people.WomanMapper;
import openbloom.app.program.Programs;
import openbloom.app.program.Reviews;
import openbloom.app.session.SessionLine;
import openbloom.app.session.SessionMapper;
import openbloom.app.session.Sessions;
import openbloom.app.share.PaperStory;
import openbloom.app.studio.Account;
import openbloom.app.studio.Accounts;
import openbloom.app.studio.NewAccount;
import openbloom.app.studio.NumbersToCall;
import openbloom.app.studio.SignedIn;
import openbloom.app.studio.TourMapper;
import openbloom.app.system.ColumnCodec;
import openbloom.app.system.StudioDay;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.pelvicfloor.trace.SensorProfile;
import openbloom.core.program.Rhythm;
import openbloom.core.record.Goal;
import openbloom.core.record.Noted;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.WarningSign;
import openbloom.core.session.Place;
import openbloom.core.session.SessionRequest;
import openbloom.core.verdict.Judgement;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/**
 * Fills the throw-away database with the Boathouse Rooms of Tarnmouth: all invented, dated back from today. It is whole before
 * the first page can be asked for.
 */
@Component
@Profile("demo")
class DemoStudio implements SmartInitializingSingleton {
    private static final Logger LOG = LoggerFactory.getLogger(DemoStudio.class);
    private static final String PASSWORD = "tarnmouth-demo";
    private static final String ZONE = "Europe/London";
    private static final int SESSION_MINUTES = 30;
    private static final int DAYS_BETWEEN_SESSIONS = 7;
    private static final int DAYS_OF_A_BLOCK = 28;
    private static final int WEEKS_OF_A_BLOCK = 4;
    private static final int HOME_MINUTES = 10;
    private static final int SESSIONS_BEFORE_A_SENSOR = 4;
    private static final int MOST_RUNG_WHERE_IT_DOMES = 5;

    /** Who practises at home, and what she had to tell. */
    private static final Map<String, HomeStory.Told> FROM_HOME = Map.of(
            "Rhona Vale", HomeStory.Told.HEAVINESS,
            "Corin Ashdown", HomeStory.Told.A_QUESTION);

    private final Accounts accounts;
    private final WomanMapper women;
    private final VisitMapper visits;
    private final SafetyMapper answers;
    private final GapTelling gaps;
    private final Sheets sheets;
    private final SensorRecordings bench;
    private final Sessions sessions;
    private final SessionMapper kept;
    private final Judgements judgements;
    private final Programs programs;
    private final Reviews reviews;
    private final LadderPages ladders;
    private final TourMapper tours;
    private final DemoClass classOfNine;
    private final HomeStory fromHome;
    private final PaperStory papers;
    private final StudioDay day;

    DemoStudio(
            TourMapper tours,
            DemoClass classOfNine,
            HomeStory fromHome,
            PaperStory papers,
            Accounts accounts,
            WomanMapper women,
            VisitMapper visits,
            SafetyMapper answers,
            GapTelling gaps,
            Sheets sheets,
            SensorRecordings bench,
            Sessions sessions,
            SessionMapper kept,
            Judgements judgements,
            Programs programs,
            Reviews reviews,
            LadderPages ladders,
            StudioDay day) {
        this.accounts = accounts;
        this.women = women;
        this.visits = visits;
        this.answers = answers;
        this.gaps = gaps;
        this.sheets = sheets;
        this.bench = bench;
        this.sessions = sessions;
        this.kept = kept;
        this.judgements = judgements;
        this.programs = programs;
        this.reviews = reviews;
        this.ladders = ladders;
        this.day = day;
        this.tours = tours;
        this.classOfNine = classOfNine;
        this.fromHome = fromHome;
        this.papers = papers;
    }

    @Override
    public void afterSingletonsInstantiated() {
        if (!accounts.isEmpty()) {
            return;
        }
        accounts.createStudio("The Boathouse Rooms", ZONE, new NewAccount("Ines", "ines@boathouse.example", PASSWORD));
        SignedIn owner = (SignedIn) accounts.loadUserByUsername("ines@boathouse.example");
        accounts.setNumbers(owner.studioId(), new NumbersToCall("000", "01632 960123"));
        accounts.addInstructor(owner.studioId(), new NewAccount("Mara", "mara@boathouse.example", PASSWORD));
        accounts.addInstructor(owner.studioId(), new NewAccount("Tove", "tove@boathouse.example", PASSWORD));
        accounts.changeFingers(owner.account(), owner.account().settings().version(), List.of("15", "31", "47", "62"));
        List<Account> team = accounts.ofStudio(owner.studioId());
        team.stream().filter(one -> !one.name().equals("Tove")).forEach(one -> tours.close(one.id()));
        LocalDate today = day.today(ZoneId.of(ZONE));
        List<Story> stories = Stories.all();
        List<Callable<Woman>> tellings = new ArrayList<>();
        for (int i = 0; i < stories.size(); i++) {
            Story story = stories.get(i);
            SignedIn who = new SignedIn(team.get(i % team.size()), owner.studio());
            Woman woman = insert(story, who, today);
            Random chance = new Random(i);
            tellings.add(() -> tell(story, woman, who, today, chance, team));
        }
        List<Woman> told = tellAll(tellings);
        told.stream().filter(woman -> FROM_HOME.containsKey(woman.name())).forEach(woman -> papers.tell(owner, woman));
        List<Woman> well = IntStream.range(0, told.size())
                .filter(at -> stories.get(at).signsToday().isEmpty()
                        && stories.get(at).sessions() > 0)
                .mapToObj(told::get)
                .toList();
        classOfNine.tell(owner, well, today, (woman, on) -> answer(woman, owner, on, Set.of(), Set.of()));
        LOG.info("The demonstration is ready: everything in it is invented and thrown away when it stops.");
        LOG.info("Sign in as ines@boathouse.example (owner), mara@ or tove@boathouse.example, password {}", PASSWORD);
    }

    private Woman insert(Story story, SignedIn who, LocalDate today) {
        Woman draft = story.intake().woman(who.studioId(), who.accountId(), today);
        return women.find(who.studioId(), women.insert(draft, day.instant())).orElseThrow();
    }

    /** Every woman's story is her own, so several are told at once. */
    private static List<Woman> tellAll(List<Callable<Woman>> tellings) {
        ExecutorService tellers =
                Executors.newFixedThreadPool(Runtime.getRuntime().availableProcessors());
        try {
            List<Woman> women = new ArrayList<>();
            for (Future<Woman> told : tellers.invokeAll(tellings)) {
                women.add(told.get());
            }
            return women;
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return List.of();
        } catch (ExecutionException broken) {
            throw new IllegalStateException("A story of the demonstration could not be told", broken.getCause());
        } finally {
            tellers.shutdown();
        }
    }

    private Woman tell(Story story, Woman woman, SignedIn who, LocalDate today, Random chance, List<Account> team) {
        if (story.gap() != null) {
            gaps.read(story.gap(), woman, who, today, chance, team);
        }
        for (int back = story.sessions(); back > 0; back--) {
            LocalDate on = today.minusDays((long) back * DAYS_BETWEEN_SESSIONS - 2);
            answer(woman, who, on, Set.of(), story.symptoms());
            teach(woman, who, on, back, story.gap() != null && story.gap().domes());
        }
        if (story.askedToday()) {
            answer(woman, who, today, story.signsToday(), story.symptoms());
        }
        fillSheets(story, woman, who, today);
        if (story.sessions() > SESSIONS_BEFORE_A_SENSOR) {
            bench.keepSimulated(who, woman, profile(story), "demo-trace-" + woman.id());
        }
        if (story.visitAt() != null) {
            visits.insert(woman.id(), "demo-" + woman.id(), today.atTime(LocalTime.parse(story.visitAt())));
        }
        if (story.sessions() >= SESSIONS_BEFORE_A_SENSOR) {
            plan(story, woman, who, today.minusDays(DAYS_OF_A_BLOCK), today);
            reviews.acceptAll(who, woman, today.minusDays(1));
        }
        Optional.ofNullable(FROM_HOME.get(story.intake().name())).ifPresent(told -> {
            String token = fromHome.tell(woman, who.account(), today, told);
            LOG.info("The home page of {}: /home/{}", woman.name(), token);
        });
        plan(story, woman, who, today, today);
        return woman;
    }

    /** Visits that leave today free for practice at home. */
    private static List<Rhythm.PlannedVisit> weeklyFrom(LocalDate first) {
        return IntStream.range(0, WEEKS_OF_A_BLOCK)
                .mapToObj(week -> new Rhythm.PlannedVisit(first.plusWeeks(week), Rhythm.USUAL_VISIT_MINUTES))
                .toList();
    }

    private static boolean isAtHome(Story story) {
        return FROM_HOME.containsKey(story.intake().name());
    }

    /** Whoever practises at home in the demonstration does so on the day it is looked at, too. */
    private static Set<DayOfWeek> homeDays(Story story, LocalDate today) {
        DayOfWeek day = today.getDayOfWeek();
        return isAtHome(story)
                ? Set.of(day, day.plus(2), day.plus(5))
                : Set.of(DayOfWeek.TUESDAY, DayOfWeek.THURSDAY, DayOfWeek.SATURDAY);
    }

    /** The aims her record suggests on the day, and her own wish. */
    private void plan(Story story, Woman woman, SignedIn who, LocalDate on, LocalDate today) {
        List<Goal> aims = new ArrayList<>(programs.suggestedOn(woman, on));
        if (woman.goals().toLowerCase(Locale.ROOT).contains("run")) {
            aims.add(Goal.RUN);
        }
        Rhythm rhythm = new Rhythm(
                story.sessions() > SESSIONS_BEFORE_A_SENSOR ? 2 : 1,
                homeDays(story, today),
                HOME_MINUTES,
                isAtHome(story) && on.equals(today) ? weeklyFrom(today.plusDays(1)) : List.of());
        programs.make(who, woman, on, aims, rhythm, "demo-program-" + woman.id() + "-" + on);
    }

    private static SensorProfile profile(Story story) {
        if (story.tone() == Tone.TIGHT) {
            return SensorProfile.TIGHT_HIGH_REST;
        }
        return story.symptoms().contains(Symptom.HEAVINESS) ? SensorProfile.WEAK_FADING : SensorProfile.TYPICAL;
    }

    private void fillSheets(Story story, Woman woman, SignedIn who, LocalDate today) {
        DemoSheets.of(story)
                .forEach(sheet -> sheets.keep(
                        new Sheets.SheetDraft(
                                woman.id(),
                                sheet.kind(),
                                "demo-" + woman.id() + "-" + sheet.daysAgo(),
                                today.minusDays(sheet.daysAgo()),
                                who.accountId(),
                                day.instant()),
                        sheet.found()));
    }

    private void answer(Woman woman, SignedIn who, LocalDate on, Set<WarningSign> signs, Set<Symptom> symptoms) {
        String whatToDo = String.join(" ", WarningSign.whatToDo(signs));
        answers.insert(new SafetyMapper.NewAnswer(
                woman.id(),
                "demo-" + woman.id() + "-" + on,
                new SafetyMapper.AskedRow(on, who.accountId(), day.instant()),
                new SafetyAnswer.SymptomsTold(
                        ColumnCodec.constants(signs), ColumnCodec.constants(symptoms), "", whatToDo),
                SafetyAnswer.Lift.NONE,
                woman.conditionSet().contains(Condition.HIGH_BLOOD_PRESSURE_CONTROLLED)
                        ? new SafetyAnswer.Pressures(128, 82, 140, 90)
                        : SafetyAnswer.Pressures.NONE,
                false));
    }

    private void teach(Woman woman, SignedIn who, LocalDate on, int seed, boolean domes) {
        Judgement judgement = judgements.of(woman, on, Place.STUDIO);
        SessionRequest request = SessionRequest.of(SESSION_MINUTES, Place.STUDIO, seed, sessions.history(woman.id()))
                .wanting(programs.wishesOn(woman, judgement));
        long id = sessions.compose(who, woman, judgement, request, "demo-" + woman.id() + "-" + on);
        Sessions.ComposedFor planned = sessions.find(woman, id).orElseThrow();
        for (int i = 0; i < planned.plan().items().size(); i++) {
            SessionLine item = planned.plan().items().get(i);
            boolean domed = domes
                    && item.named().strand() == ExerciseGroup.LIMB_LOAD
                    && item.named().rung() >= MOST_RUNG_WHERE_IT_DOMES;
            sessions.respond(planned, Sessions.NewResponse.of(i, Noted.DONE, "demo-" + id + "-" + i), on);
            if (domed) {
                sessions.respond(
                        planned, Sessions.NewResponse.of(i, Noted.DOMED, "demo-" + id + "-" + i + "-domed"), on);
            }
        }
        kept.taught(id, on, who.accountId(), Noted.RIGHT);
        ladders.acceptAll(who, woman, on, day.instant());
    }
}
