package openbloom.app.program;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import openbloom.app.checks.SafetyAnswer;
import openbloom.app.checks.SafetyService;
import openbloom.app.checks.gap.GapChecks;
import openbloom.app.moves.Judgements;
import openbloom.app.people.Woman;
import openbloom.app.session.Sessions;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.StudioDay;
import openbloom.core.gap.Measured;
import openbloom.core.record.CaseNotes;
import openbloom.core.record.Goal;
import openbloom.core.review.Measure;
import openbloom.core.review.ProgramReview;
import openbloom.core.review.Recommendation;
import openbloom.core.review.ReviewPeriod;
import openbloom.core.session.Place;
import openbloom.core.verdict.Judgement;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Reviews: computed from her record, decided by her instructor, kept as they were. */
@Service
public class Reviews {
    private static final Logger LOG = LoggerFactory.getLogger(Reviews.class);
    private static final int WEEKS = 4;
    private static final int WEEK = 7;
    private static final int FIRST_LOOK_DAYS = 28;

    private final ReviewMapper rows;
    private final Programs programs;
    private final Judgements judgements;
    private final Sessions sessions;
    private final SafetyService safety;
    private final GapChecks gaps;
    private final StudioDay day;
    private final JsonMapper json;

    Reviews(
            ReviewMapper rows,
            Programs programs,
            Judgements judgements,
            Sessions sessions,
            SafetyService safety,
            GapChecks gaps,
            StudioDay day,
            JsonMapper json) {
        this.gaps = gaps;
        this.rows = rows;
        this.programs = programs;
        this.judgements = judgements;
        this.sessions = sessions;
        this.safety = safety;
        this.day = day;
        this.json = json;
    }

    /** A review in words, as it is kept. */
    public record Document(
            LocalDate from,
            LocalDate to,
            List<MeasureTold> measures,
            List<ReviewedGoal> aims,
            List<DecidedRecommendation> proposals) {}

    /** What was measured before and after, and the sum that led to the verdict. */
    public record MeasureTold(String what, String before, String after, Measure.MeasureVerdict verdict, String sum) {
        static MeasureTold of(Measure measure) {
            return new MeasureTold(measure.what(), measure.before(), measure.after(), measure.verdict(), measure.sum());
        }
    }

    /** An aim and what it came to. */
    public record ReviewedGoal(String words, String state, String why) {}

    /** A proposal with what came of it; not accepted needs a reason. */
    public record DecidedRecommendation(
            String kind, String what, String why, String source, boolean accepted, String because) {}

    /** A kept review. */
    public record KeptReview(LocalDate on, String by, Document document) {}

    /** From the day her latest block was made, or four weeks back, to today. */
    public ProgramReview of(Woman woman, LocalDate today) {
        Optional<Programs.KeptProgram> block = programs.of(woman.id()).stream()
                .filter(kept -> kept.row().madeOn().isBefore(today))
                .findFirst();
        LocalDate from = block.map(kept -> kept.row().madeOn()).orElseGet(() -> firstLook(woman, today));
        List<Goal> aims = block.map(kept -> ProgramForm.aimsOf(kept.row()))
                .filter(told -> !told.isEmpty())
                .orElseGet(() -> programs.suggestedOn(woman, from));
        return ProgramReview.of(period(woman, block, aims, from, today));
    }

    /** All of it since the first day anything is known of her in this pregnancy or since the latest birth. */
    public ReviewPeriod sinceTheFirstLook(Woman woman, LocalDate today) {
        LocalDate begun = CaseNotes.beginsOn(
                judgements.of(woman, today, Place.STUDIO).facts().client().situation());
        LocalDate known =
                firstKnown(woman).filter(first -> first.isBefore(today)).orElse(today);
        LocalDate from = known.isBefore(begun) ? begun : known;
        Optional<Programs.KeptProgram> block = programs.of(woman.id()).stream().findFirst();
        List<Goal> aims = block.map(kept -> ProgramForm.aimsOf(kept.row()))
                .filter(told -> !told.isEmpty())
                .orElseGet(() -> programs.suggestedOn(woman, today));
        return period(woman, block, aims, from, today);
    }

    private ReviewPeriod period(
            Woman woman, Optional<Programs.KeptProgram> block, List<Goal> aims, LocalDate from, LocalDate today) {
        List<ReviewPeriod.SymptomsAnswered> answers = Stream.concat(asked(woman), toldFromHome(woman))
                .filter(answer -> !answer.on().isBefore(from) && !answer.on().isAfter(today))
                .sorted(Comparator.comparing(ReviewPeriod.SymptomsAnswered::on))
                .toList();
        Judgement then = judgements.of(woman, from, Place.STUDIO);
        Judgement now = judgements.of(woman, today, Place.STUDIO);
        return new ReviewPeriod(
                then, now, aims, gap(woman, then, now), done(woman, block, from, today), answers, block.isPresent());
    }

    private Stream<ReviewPeriod.SymptomsAnswered> asked(Woman woman) {
        return safety.answersOf(woman).stream()
                .map(answer -> new ReviewPeriod.SymptomsAnswered(answer.askedOn(), answer.symptomSet(), false));
    }

    private Stream<ReviewPeriod.SymptomsAnswered> toldFromHome(Woman woman) {
        return safety.reportsOfAll(List.of(woman.id())).getOrDefault(woman.id(), List.of()).stream()
                .flatMap(report -> report
                        .symptom()
                        .map(symptom -> new ReviewPeriod.SymptomsAnswered(report.on(), Set.of(symptom), true))
                        .stream());
    }

    /** The gap checks that count at both ends, with the repeatability of whoever read the later one. */
    private ReviewPeriod.GapSeen gap(Woman woman, Judgement then, Judgement now) {
        List<GapChecks.KeptCheck> all = gaps.of(woman.id());
        Optional<Measured> first = latest(all, then);
        Optional<Measured> second = latest(all, now);
        return second.map(read -> new ReviewPeriod.GapSeen(
                        first,
                        second,
                        gaps.repeatability(woman.studioId(), read.by().id(), read.method()),
                        sites -> gaps.repeatabilityOfMeans(
                                woman.studioId(), read.by().id(), read.method(), sites)))
                .orElse(ReviewPeriod.GapSeen.NONE);
    }

    /** What was read in this pregnancy or since the latest birth, up to a day. */
    private static Optional<Measured> latest(List<GapChecks.KeptCheck> all, Judgement on) {
        LocalDate since = CaseNotes.beginsOn(on.facts().client().situation());
        List<GapChecks.KeptCheck> counting = all.stream()
                .filter(kept -> !kept.check().date().isAfter(on.facts().day())
                        && !kept.check().date().isBefore(since))
                .toList();
        return GapChecks.latest(counting, on.facts().client().approach().school())
                .map(GapChecks.KeptCheck::measured);
    }

    /** Four weeks back, and never before anything was known of her. */
    private LocalDate firstLook(Woman woman, LocalDate today) {
        LocalDate back = today.minusDays(FIRST_LOOK_DAYS);
        LocalDate known = firstKnown(woman).orElse(today);
        return known.isAfter(back) ? known : back;
    }

    private Optional<LocalDate> firstKnown(Woman woman) {
        return Stream.of(
                        safety.answersOf(woman).stream().map(SafetyAnswer::askedOn),
                        gaps.of(woman.id()).stream().map(kept -> kept.check().date()),
                        sessions.of(woman.id()).stream()
                                .map(planned -> planned.stored().plannedOn()))
                .flatMap(days -> days)
                .min(Comparator.naturalOrder());
    }

    private ReviewPeriod.SessionsDone done(
            Woman woman, Optional<Programs.KeptProgram> block, LocalDate from, LocalDate today) {
        List<Sessions.ComposedFor> taught = sessions.of(woman.id()).stream()
                .filter(planned -> planned.stored().taughtOn() != null
                        && !planned.stored().taughtOn().isBefore(from))
                .toList();
        List<ProgramDocument.SessionTold> planned = block.flatMap(Programs.KeptProgram::document).stream()
                .flatMap(document -> document.weeks().stream())
                .flatMap(week -> week.sessions().stream())
                .filter(session -> !session.date().isAfter(today))
                .toList();
        List<Integer> weeks = new ArrayList<>();
        for (int week = 0; week < WEEKS; week++) {
            LocalDate end = today.minusDays((long) WEEK * week);
            weeks.add(taught.stream()
                    .filter(one -> one.stored().taughtOn().isAfter(end.minusDays(WEEK))
                            && !one.stored().taughtOn().isAfter(end))
                    .mapToInt(one -> one.stored().minutes())
                    .sum());
        }
        return new ReviewPeriod.SessionsDone(
                planned.size(),
                taught.size(),
                planned.stream().mapToInt(ProgramDocument.SessionTold::minutes).sum(),
                taught.stream().mapToInt(one -> one.stored().minutes()).sum(),
                weeks);
    }

    /** How many practices were planned between two days, and how many done. */
    public record PracticesDone(int done, int planned) {}

    public PracticesDone doneBetween(Woman woman, LocalDate from, LocalDate today) {
        Optional<Programs.KeptProgram> block = programs.of(woman.id()).stream()
                .filter(kept -> kept.row().madeOn().isBefore(today))
                .findFirst();
        ReviewPeriod.SessionsDone done = done(woman, block, from, today);
        return new PracticesDone(done.doneSessions(), done.plannedSessions());
    }

    /** What was decided about one proposal: empty where it was accepted. */
    Document decided(ProgramReview review, List<String> because) {
        List<DecidedRecommendation> decided = new ArrayList<>();
        for (int i = 0; i < review.proposals().size(); i++) {
            Recommendation told = review.proposals().get(i);
            String why = i < because.size() ? because.get(i) : "";
            decided.add(new DecidedRecommendation(
                    told.kind().words(), told.what(), told.why(), told.source(), why.isEmpty(), why));
        }
        return new Document(
                review.from(),
                review.to(),
                review.measures().stream().map(MeasureTold::of).toList(),
                review.aims().stream()
                        .map(aim ->
                                new ReviewedGoal(aim.aim().words(), aim.state().words(), aim.why()))
                        .toList(),
                decided);
    }

    void keep(SignedIn me, Woman woman, Document document) {
        rows.insert(woman.id(), document.to(), me.accountId(), day.instant(), json.writeValueAsString(document));
    }

    /** Keeps the review of a day with every proposal accepted. */
    public void acceptAll(SignedIn me, Woman woman, LocalDate on) {
        keep(me, woman, decided(of(woman, on), List.of()));
    }

    /** Latest first; one that cannot be read is left out. */
    public List<KeptReview> keptOf(long womanId) {
        return rows.of(womanId).stream().flatMap(row -> read(row).stream()).toList();
    }

    private Optional<KeptReview> read(ReviewRow row) {
        try {
            return Optional.of(new KeptReview(row.on(), row.by(), json.readValue(row.document(), Document.class)));
        } catch (JacksonException unreadable) {
            LOG.error("A review of {} cannot be read: {}", row.on(), unreadable.getMessage());
            return Optional.empty();
        }
    }

    /** A row. */
    record ReviewRow(LocalDate on, String by, String document) {}

    /** The table. */
    @Mapper
    interface ReviewMapper {
        @Select("""
                select reviewed_on as "on", account.name as "by", document from review
                join account on account.id = reviewed_by where woman_id = #{womanId} order by review.id desc
                """)
        List<ReviewRow> of(long womanId);

        @Insert("""
                insert into review (woman_id, reviewed_on, reviewed_by, stored_at, document)
                values (#{womanId}, #{on}, #{by}, #{at}, #{document})
                """)
        void insert(
                @Param("womanId") long womanId,
                @Param("on") LocalDate on,
                @Param("by") long by,
                @Param("at") Instant at,
                @Param("document") String document);
    }
}
