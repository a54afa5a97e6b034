package openbloom.app.share;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import openbloom.app.checks.SheetFindings;
import openbloom.app.checks.pelvicfloor.Practices;
import openbloom.app.home.HomeLinks;
import openbloom.app.home.HomeStops;
import openbloom.app.home.HomeVisitor;
import openbloom.app.language.HerWords;
import openbloom.app.moves.Judgements;
import openbloom.app.people.Woman;
import openbloom.app.program.BetweenSessions;
import openbloom.app.program.ProgramDocument;
import openbloom.app.program.Programs;
import openbloom.app.program.Reviews;
import openbloom.app.session.SessionDocument;
import openbloom.app.session.SessionLine;
import openbloom.app.session.Sessions;
import openbloom.core.care.CareCard;
import openbloom.core.care.HabitPrompts;
import openbloom.core.moves.Move;
import openbloom.core.pelvicfloor.Track;
import openbloom.core.record.Goal;
import openbloom.core.review.ProgramReview;
import openbloom.core.session.Composer;
import openbloom.core.session.Format;
import openbloom.core.session.History;
import openbloom.core.session.Place;
import openbloom.core.session.Session;
import openbloom.core.session.SessionRequest;
import openbloom.core.session.Side;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Verdict;
import org.springframework.stereotype.Component;

/** Hand-outs as they are drafted from her record, in her language and in ordinary words. */
@Component
class Drafts {
    private static final int WEEKS_OF_BOXES = 4;
    private static final int MOST_SETUP_LINES = 2;
    private static final int CARD_MINUTES = 30;

    private final Programs programs;
    private final BetweenSessions between;
    private final Judgements judgements;
    private final Sessions sessions;
    private final SheetFindings findings;
    private final Practices practices;
    private final Reviews reviews;
    private final HomeStops stops;
    private final HomeLinks links;

    Drafts(
            Programs programs,
            BetweenSessions between,
            Judgements judgements,
            Sessions sessions,
            SheetFindings findings,
            Practices practices,
            Reviews reviews,
            HomeStops stops,
            HomeLinks links) {
        this.programs = programs;
        this.between = between;
        this.judgements = judgements;
        this.sessions = sessions;
        this.findings = findings;
        this.practices = practices;
        this.reviews = reviews;
        this.stops = stops;
        this.links = links;
    }

    /**
     * A hand-out for a woman as it would be on a day.
     *
     * @param cards ids of the cards she is given; only read for {@link HandOutKind#CARE}
     */
    Draft of(HandOutKind kind, HomeVisitor her, LocalDate today, List<String> cards) {
        return switch (kind) {
            case HOME_PROGRAM -> homeProgram(her, today);
            case SESSION -> session(her, today);
            case GYM_CARD -> gymCard(her, today);
            case REVIEW -> review(her, today);
            case STOPS -> stops(her);
            case CARE -> care(her, today, cards);
            case CLASS_SHEET, LETTER_ASKING, LETTER_REPORTING, LETTER_HANDING_OVER, LETTER_ANSWERING ->
                throw new IllegalArgumentException("Expected something to give her, but was " + kind);
        };
    }

    private Draft homeProgram(HomeVisitor her, LocalDate today) {
        HerWords words = her.words();
        Optional<ProgramDocument> block = programs.latest(her.woman().id()).flatMap(Programs.KeptProgram::document);
        List<ProgramDocument.SessionTold> atHome = block.stream()
                .flatMap(one -> one.weeks().stream())
                .flatMap(week -> week.sessions().stream())
                .filter(session -> session.happensAtHome() && !session.date().isBefore(today))
                .filter(session -> session.date().isBefore(today.plusWeeks(WEEKS_OF_BOXES)))
                .toList();
        LocalDate first = atHome.stream()
                .findFirst()
                .map(ProgramDocument.SessionTold::date)
                .orElse(today);
        Judgement judgement = judgements.of(her.woman(), first, Place.HOME);
        List<Goal> goals = programs.wishesOn(her.woman(), judgement).goals();
        List<String> under = new ArrayList<>();
        LocalDate last = atHome.stream()
                .map(ProgramDocument.SessionTold::date)
                .max(Comparator.naturalOrder())
                .orElse(today);
        under.add(words.of("paper.home.from", words.fullDay(today), words.fullDay(last)));
        if (!goals.isEmpty()) {
            under.add(words.of(
                    "paper.home.for",
                    goals.stream().limit(2).map(goal -> words.of("goal", goal)).collect(Collectors.joining(", "))));
        }
        List<Draft.DraftPart> parts = new ArrayList<>();
        atHome.stream().findFirst().ifPresent(session -> parts.addAll(exercises(her, judgement, session.minutes())));
        parts.add(tell(words));
        parts.add(call(her));
        floor(her, judgement).ifPresent(parts::add);
        parts.add(moments(her, judgement, goals));
        if (!atHome.isEmpty()) {
            parts.add(new Draft.DraftPart(
                    words.of("paper.home.days"),
                    List.of(words.of("paper.home.later")),
                    null,
                    atHome.stream()
                            .map(session -> words.shortDay(session.date()))
                            .toList(),
                    Draft.Look.PLAIN));
        }
        parts.add(own());
        return new Draft(words.of("paper.home.title"), under, parts);
    }

    private List<Draft.DraftPart> exercises(HomeVisitor her, Judgement judgement, int minutes) {
        LocalDate on = judgement.facts().day();
        History history = sessions.history(her.woman().id(), on);
        SessionRequest request = SessionRequest.of(minutes, Place.HOME, on.toEpochDay(), history)
                .wanting(programs.wishesOn(her.woman(), judgement).forHome(judgement.catalogue(), history))
                .breathingIn(findings.breathesIn(her.woman().id(), on));
        return exercises(her.words(), SessionDocument.of(Composer.compose(judgement, request), judgement), judgement);
    }

    /** One part for an exercise, whatever its sides and rounds. */
    private static List<Draft.DraftPart> exercises(HerWords words, SessionDocument plan, Judgement judgement) {
        return plan.rows().stream()
                .map(row -> exercise(words, plan, row, judgement))
                .toList();
    }

    private static Draft.DraftPart exercise(
            HerWords words, SessionDocument plan, SessionDocument.SessionRow row, Judgement judgement) {
        SessionLine item = row.item();
        Optional<Move> move = judgement.catalogue().find(item.moveId());
        String name = move.map(words::name).orElse(item.name());
        List<Side> sides = row.items().stream()
                .map(at -> plan.items().get(at).side())
                .distinct()
                .toList();
        String side = sides.size() > 1
                ? words.of("side.EACH")
                : sides.get(0) == Side.BOTH ? "" : words.of("side", sides.get(0));
        List<String> lines = new ArrayList<>();
        lines.add(words.dose(new HerWords.DoseGiven(
                        item.amount().sets(),
                        item.amount().repetitions(),
                        item.amount().holdSeconds(),
                        item.amount().breaths(),
                        item.amount().restSeconds()))
                + (side.isEmpty() ? "" : ", " + side));
        lines.addAll(move.map(words::setup).orElse(item.taught().setup()).stream()
                .limit(MOST_SETUP_LINES)
                .toList());
        lines.add(move.map(known -> words.cue(known, judgement))
                .orElse(item.taught().cue()));
        move.map(judgement::of)
                .map(verdict -> String.join("; ", words.changes(verdict.adjustments(), verdict.move(), judgement)))
                .filter(changes -> !changes.isEmpty())
                .ifPresent(changes -> lines.add(words.of("player.how", changes)));
        return new Draft.DraftPart(
                name,
                lines,
                move.isPresent()
                        ? new Draft.Pictured(item.moveId(), sides.get(0) == Side.LEFT, item.version(), name)
                        : null,
                List.of(),
                Draft.Look.PLAIN);
    }

    private static Draft.DraftPart tell(HerWords words) {
        return Draft.DraftPart.boxed(
                words.of("stops.exercise.title"),
                IntStream.rangeClosed(1, 4)
                        .mapToObj(n -> words.of("stops.exercise." + n))
                        .toList());
    }

    private Draft.DraftPart call(HomeVisitor her) {
        HerWords words = her.words();
        return Draft.DraftPart.boxed(
                words.of("paper.call.title"),
                List.of(words.of("paper.call", stops.numbers(her).emergency())));
    }

    private Optional<Draft.DraftPart> floor(HomeVisitor her, Judgement judgement) {
        boolean checked = !findings.pelvicFloorChecks(
                        her.woman().id(), judgement.facts().day())
                .isEmpty();
        return checked
                ? Optional.of(Draft.DraftPart.of(
                        her.words().of("floor.title"),
                        her.words().floor(practices.prescribed(her.woman(), judgement.facts()))))
                : Optional.empty();
    }

    private Draft.DraftPart moments(HomeVisitor her, Judgement judgement, List<Goal> goals) {
        boolean letsGo = goals.contains(Goal.LET_GO)
                || practices.prescribed(her.woman(), judgement.facts()).track() == Track.RELEASE;
        List<String> lines = new ArrayList<>(
                HabitPrompts.fitted(
                                judgement.facts(),
                                letsGo,
                                links.page(her.woman().id()).days())
                        .stream()
                        .map(prompt -> her.words().of("prompt", prompt))
                        .toList());
        lines.add(her.words().of("moments.limit"));
        return Draft.DraftPart.of(her.words().of("moments.title"), lines);
    }

    /** Room for what the instructor wants to add. */
    private static Draft.DraftPart own() {
        return Draft.DraftPart.of("", List.of());
    }

    private Draft session(HomeVisitor her, LocalDate today) {
        HerWords words = her.words();
        Optional<Sessions.ComposedFor> latest =
                sessions.latest(her.woman().id()).flatMap(id -> sessions.find(her.woman(), id));
        Judgement judgement = judgements.of(her.woman(), today, Place.STUDIO);
        List<Draft.DraftPart> parts = new ArrayList<>();
        latest.ifPresent(one -> parts.addAll(exercises(words, one.plan(), judgement)));
        parts.add(tell(words));
        parts.add(call(her));
        parts.add(own());
        return new Draft(
                words.of("paper.session.title"),
                latest.map(one -> List.of(words.of(
                                "paper.session.from", words.fullDay(one.stored().plannedOn()))))
                        .orElse(List.of()),
                parts);
    }

    private Draft gymCard(HomeVisitor her, LocalDate today) {
        HerWords words = her.words();
        Judgement judgement = judgements.of(her.woman(), today, Place.STUDIO);
        SessionRequest request = SessionRequest.of(CARD_MINUTES)
                .in(Format.of(Format.FormatKind.GYM_CARD))
                .wanting(programs.wishesOn(her.woman(), judgement));
        Session card = Composer.compose(judgement, request);
        List<Draft.DraftPart> parts = new ArrayList<>(exercises(words, SessionDocument.of(card, judgement), judgement));
        List<String> out = request.wishes().usual().stream()
                .flatMap(id -> judgement.catalogue().find(id).stream())
                .filter(move -> notAsItIs(judgement.of(move)))
                .map(move -> judgement
                        .of(move)
                        .swapTo()
                        .map(other -> words.name(move) + ": " + words.of("paper.gym.instead", words.name(other)))
                        .orElseGet(() -> words.name(move)))
                .toList();
        if (!out.isEmpty()) {
            parts.add(Draft.DraftPart.of(words.of("paper.gym.out"), out));
        }
        parts.add(tell(words));
        parts.add(call(her));
        parts.add(own());
        return new Draft(
                words.of("paper.gym.title"),
                List.of(
                        request.wishes().usual().isEmpty()
                                ? words.of("paper.gym.none")
                                : words.of("paper.gym.intro", words.fullDay(today))),
                parts);
    }

    private static boolean notAsItIs(Verdict verdict) {
        return !verdict.passes();
    }

    private Draft review(HomeVisitor her, LocalDate today) {
        HerWords words = her.words();
        ProgramReview review = reviews.of(her.woman(), today);
        Reviews.PracticesDone done = reviews.doneBetween(her.woman(), review.from(), today);
        List<String> levels = review.levels().stream()
                .filter(level -> level.after() != level.before())
                .map(level -> words.of(
                        level.after() > level.before() ? "paper.review.up" : "paper.review.down",
                        words.of("group", level.group())))
                .toList();
        return new Draft(
                words.of("paper.review.title"),
                List.of(words.of("paper.review.from", words.fullDay(review.from()), words.fullDay(review.to()))),
                List.of(
                        Draft.DraftPart.of(
                                words.of("paper.review.goals"),
                                review.aims().stream()
                                        .map(aim -> words.of(
                                                "paper.review.goal",
                                                words.of("goal", aim.aim()),
                                                words.of("state", aim.state())))
                                        .toList()),
                        Draft.DraftPart.of(
                                words.of("paper.review.done.title"),
                                done.planned() == 0
                                        ? List.of()
                                        : List.of(words.of("paper.review.done", done.done(), done.planned()))),
                        Draft.DraftPart.of(
                                words.of("paper.review.levels"),
                                levels.isEmpty() ? List.of(words.of("paper.review.noLevels")) : levels),
                        Draft.DraftPart.of(words.of("paper.review.next.title"), List.of(words.of("paper.review.next"))),
                        own()));
    }

    private Draft stops(HomeVisitor her) {
        HerWords words = her.words();
        Stream<Draft.DraftPart> groups =
                stops.all(her).stream().map(group -> Draft.DraftPart.boxed(group.toDo(), group.signs()));
        return new Draft(
                words.of("paper.stops.title"),
                List.of(words.of("stops.call")),
                Stream.concat(groups, Stream.of(tell(words), own())).toList());
    }

    /** A card she may be given. */
    record CardChoice(String id, String title) {}

    /** The cards that fit her today, those that explain after those for between the sessions. */
    List<CardChoice> cards(HomeVisitor her, LocalDate today) {
        return Stream.concat(
                        between.cards(her.woman(), today).stream()
                                .map(card ->
                                        new CardChoice(card.id(), her.words().title(card))),
                        between.explanations(her.woman(), today).stream()
                                .map(card ->
                                        new CardChoice(card.id(), her.words().title(card))))
                .toList();
    }

    /** Ids of the cards for between the sessions that fit her: taken unless others are chosen. */
    List<String> usualCards(Woman woman, LocalDate today) {
        return between.cards(woman, today).stream().map(CareCard::id).toList();
    }

    private Draft care(HomeVisitor her, LocalDate today, List<String> chosen) {
        HerWords words = her.words();
        List<Draft.DraftPart> parts = new ArrayList<>();
        between.cards(her.woman(), today).stream()
                .filter(card -> chosen.isEmpty() || chosen.contains(card.id()))
                .map(card -> Draft.DraftPart.of(
                        words.title(card),
                        Stream.concat(
                                        words.lines(card).stream(),
                                        Stream.of(words.of("paper.care.stop", words.stop(card))))
                                .toList()))
                .forEach(parts::add);
        between.explanations(her.woman(), today).stream()
                .filter(card -> chosen.contains(card.id()))
                .map(card -> Draft.DraftPart.explaining(words.title(card), words.words(card), card.view()))
                .forEach(parts::add);
        parts.add(call(her));
        parts.add(own());
        return new Draft(words.of("paper.care.title"), List.of(), parts);
    }
}
