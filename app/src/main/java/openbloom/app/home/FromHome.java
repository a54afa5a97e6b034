package openbloom.app.home;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import openbloom.app.people.WomanMapper;
import openbloom.app.session.SessionLine;
import openbloom.app.session.Sessions;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.ColumnCodec;
import openbloom.app.system.StudioDay;
import openbloom.core.Days;
import openbloom.core.care.DailyActivity;
import openbloom.core.record.Noted;
import openbloom.core.record.PainSite;
import openbloom.core.record.PracticeTold;
import openbloom.core.screening.WarningSign;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What women told from home, as their studio sees it. */
@Service
public class FromHome {
    private static final DateTimeFormatter HOUR = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);
    private static final int LOOKED_BACK_DAYS = 14;
    private static final int MOST = 200;
    private static final int MOST_QUESTIONS = 50;

    private final HomeMapper rows;
    private final WomanMapper women;
    private final Sessions sessions;
    private final StudioDay day;

    FromHome(HomeMapper rows, WomanMapper women, Sessions sessions, StudioDay day) {
        this.rows = rows;
        this.women = women;
        this.sessions = sessions;
        this.day = day;
    }

    /**
     * One thing a woman told.
     *
     * @param at when she gave it
     * @param isAlarm whether it is a warning sign
     * @param isTrouble whether something went wrong
     */
    public record ToldLine(Instant at, String when, String words, boolean isAlarm, boolean isTrouble) {}

    /**
     * What a woman told that nobody has marked as seen.
     *
     * @param lines what an instructor has to know, alarms first, then the latest
     * @param others how many other lines there are, in which nothing went wrong
     */
    public record HomeNews(long womanId, String name, List<ToldLine> lines, int others) {
        static HomeNews of(long womanId, String name, List<ToldLine> all) {
            List<ToldLine> told = all.stream()
                    .filter(line -> line.isAlarm() || line.isTrouble())
                    .sorted(Comparator.comparing(ToldLine::isAlarm)
                            .thenComparing(ToldLine::at)
                            .reversed())
                    .toList();
            return new HomeNews(womanId, name, told, all.size() - told.size());
        }

        public boolean isAlarm() {
            return lines.stream().anyMatch(ToldLine::isAlarm);
        }
    }

    /** Everything a studio has not seen yet; warning signs first, then troubles and questions. */
    public List<HomeNews> newsOf(SignedIn me) {
        LocalDate today = day.today(me);
        Map<Long, List<AnswerRow>> byWoman = Stream.concat(
                        rows.unseenIn(me.studioId(), today.minusDays(LOOKED_BACK_DAYS), MOST).stream(),
                        rows.openQuestionsIn(me.studioId(), MOST_QUESTIONS).stream())
                .distinct()
                .collect(Collectors.groupingBy(AnswerRow::womanId, LinkedHashMap::new, Collectors.toList()));
        if (byWoman.isEmpty()) {
            return List.of();
        }
        Map<Long, Sessions.ComposedFor> practices =
                practicesIn(byWoman.values().stream().flatMap(List::stream));
        Map<Long, String> names = women.named(me.studioId(), List.copyOf(byWoman.keySet())).stream()
                .collect(Collectors.toMap(WomanMapper.WomanName::id, WomanMapper.WomanName::name));
        return byWoman.entrySet().stream()
                .map(hers -> HomeNews.of(
                        hers.getKey(),
                        names.getOrDefault(hers.getKey(), ""),
                        lines(hers.getValue(), practices, me.zone())))
                .filter(news -> !news.lines().isEmpty() || news.others() > 0)
                .sorted(Comparator.comparing(HomeNews::isAlarm)
                        .reversed()
                        .thenComparing(news -> news.lines().isEmpty())
                        .thenComparing(HomeNews::name))
                .toList();
    }

    /** A day of a woman’s answers. */
    public record HomeDay(LocalDate date, List<ToldLine> lines, List<String> contradictions) {
        public String day() {
            return Days.words(date);
        }
    }

    /** A question with what was answered. */
    public record QuestionAsked(long id, String when, String text, Optional<String> reply) {}

    /** Everything a woman told from home, the latest day first. */
    public record HerTelling(List<HomeDay> days, List<QuestionAsked> questions, long upTo, int unseen) {}

    public HerTelling of(SignedIn me, long womanId) {
        List<AnswerRow> all = rows.answersOf(womanId, LocalDate.EPOCH);
        Map<LocalDate, List<AnswerRow>> byDay =
                all.stream().collect(Collectors.groupingBy(AnswerRow::forDay, LinkedHashMap::new, Collectors.toList()));
        Map<Long, Sessions.ComposedFor> practices = practicesIn(all.stream());
        List<HomeDay> days = byDay.entrySet().stream()
                .map(one -> new HomeDay(
                        one.getKey(), lines(one.getValue(), practices, me.zone()), contradictions(all, one.getValue())))
                .filter(one -> !one.lines().isEmpty())
                .sorted(Comparator.comparing(HomeDay::date).reversed())
                .toList();
        return new HerTelling(
                days,
                questions(all, womanId, me.zone()),
                all.stream().mapToLong(AnswerRow::id).max().orElse(0),
                rows.unseenOf(womanId));
    }

    private List<QuestionAsked> questions(List<AnswerRow> all, long womanId, ZoneId zone) {
        Map<Long, HomeMapper.ReplyRow> replies = rows.repliesTo(womanId).stream()
                .collect(Collectors.toMap(HomeMapper.ReplyRow::answerId, reply -> reply));
        return all.stream()
                .filter(row -> row.is(AnswerKind.QUESTION))
                .map(row -> new QuestionAsked(
                        row.id(),
                        when(row, zone),
                        row.field("text"),
                        Optional.ofNullable(replies.get(row.id()))
                                .map(reply -> reply.words() + " (" + reply.repliedBy() + ", "
                                        + Days.words(reply.repliedOn()) + ")")))
                .toList();
    }

    /** Of the practices told of on a day. */
    private static List<String> contradictions(List<AnswerRow> all, List<AnswerRow> ofDay) {
        return ofDay.stream()
                .map(AnswerRow::sessionId)
                .filter(Objects::nonNull)
                .distinct()
                .flatMap(session -> PracticeAnswers.told(all, session).contradictions().stream())
                .distinct()
                .toList();
    }

    private static String when(AnswerRow row, ZoneId zone) {
        LocalDateTime at = LocalDateTime.ofInstant(row.givenAt(), zone);
        return Days.words(at.toLocalDate()) + ", " + HOUR.format(at);
    }

    /** The practices something went wrong in, read at once. */
    private Map<Long, Sessions.ComposedFor> practicesIn(Stream<AnswerRow> answers) {
        return sessions.numbered(answers.filter(row -> row.number("line").isPresent())
                .map(AnswerRow::sessionId)
                .filter(Objects::nonNull)
                .distinct()
                .toList());
    }

    /** What one woman told, in whole lines: a practice is one line. */
    private static List<ToldLine> lines(List<AnswerRow> told, Map<Long, Sessions.ComposedFor> practices, ZoneId zone) {
        List<ToldLine> lines = new ArrayList<>();
        told.stream()
                .map(AnswerRow::sessionId)
                .filter(Objects::nonNull)
                .distinct()
                .forEach(session -> practice(session, told, items(practices.get(session)), zone)
                        .ifPresent(lines::add));
        told.stream()
                .filter(row -> row.sessionId() == null)
                .flatMap(row -> line(row, zone).stream())
                .forEach(lines::add);
        return lines.stream()
                .sorted(Comparator.comparing((ToldLine line) -> !line.isAlarm()).thenComparing(ToldLine::at))
                .toList();
    }

    private static List<SessionLine> items(Sessions.@Nullable ComposedFor practice) {
        return practice == null ? List.of() : practice.plan().items();
    }

    private static Optional<ToldLine> practice(
            long session, List<AnswerRow> told, List<SessionLine> items, ZoneId zone) {
        List<AnswerRow> ofIt = told.stream()
                .filter(row -> Objects.equals(row.sessionId(), session))
                .toList();
        AnswerRow latest =
                ofIt.stream().max(Comparator.comparing(AnswerRow::givenAt)).orElseThrow();
        PracticeTold all = PracticeAnswers.told(ofIt, session);
        List<String> words = new ArrayList<>();
        all.done().ifPresent(much -> words.add("did " + much.words()));
        all.effort().ifPresent(effort -> words.add("effort: " + effort.words()));
        Set<String> replaced = ofIt.stream().map(row -> row.field("instead")).collect(Collectors.toSet());
        ofIt.stream()
                .filter(row -> !replaced.contains(row.key()))
                .forEach(row -> trouble(row, items).ifPresent(words::add));
        all.morning()
                .ifPresent(pain ->
                        words.add(pain == 0 ? "pain gone next morning" : "pain " + pain + " of 10 next morning"));
        boolean isTrouble = !all.troubles().isEmpty() || all.morning().orElse(0) > 0;
        if (all.isUntroubled() && !isTrouble) {
            words.add("nothing went wrong");
        }
        String both = String.join("; ", all.contradictions());
        String counts =
                all.troubles().stream().anyMatch(Noted::isAgainst) ? "; it counts until she is asked again" : "";
        String said = String.join(", ", words) + (both.isEmpty() ? "" : "; reported both " + both) + counts;
        return words.isEmpty() && both.isEmpty()
                ? Optional.empty()
                : Optional.of(new ToldLine(
                        latest.givenAt(),
                        when(latest, zone),
                        "Practice: " + said,
                        false,
                        isTrouble || !both.isEmpty()));
    }

    private static Optional<String> trouble(AnswerRow row, List<SessionLine> items) {
        boolean counts = (row.is(AnswerKind.MOVE) || row.is(AnswerKind.TROUBLE))
                && row.field("takenBack").isEmpty();
        return row.field("told", Noted.class)
                .filter(noted -> counts && noted.isAgainst())
                .map(noted -> {
                    String where = row.field("place", PainSite.class)
                            .map(place -> " (" + place.words() + ")")
                            .orElse("");
                    String much = row.number("pain").isPresent()
                            ? ", " + row.number("pain").getAsInt() + " of 10"
                            : "";
                    int line = row.number("line").orElse(-1);
                    String in = line >= 0 && line < items.size()
                            ? " in " + items.get(line).name()
                            : "";
                    return noted.words() + where + much + in;
                });
    }

    private static Optional<ToldLine> line(AnswerRow row, ZoneId zone) {
        String when = when(row, zone);
        if (row.kind() == null) {
            return Optional.empty();
        }
        return switch (row.kind()) {
            case SAFE ->
                row.field("told").equals(HomeAnswers.SafeSaid.YES.name())
                        ? Optional.of(new ToldLine(row.givenAt(), when, "Warning sign, not said which", true, true))
                        : Optional.empty();
            case SIGN ->
                row.field("told", WarningSign.class)
                        .map(sign -> new ToldLine(row.givenAt(), when, "Warning sign: " + sign.words(), true, true));
            case FLOOR -> Optional.of(floor(row, when));
            case QUESTION ->
                Optional.of(new ToldLine(row.givenAt(), when, "Asks: “" + row.field("text") + "”", false, true));
            case DAYS -> Optional.of(new ToldLine(row.givenAt(), when, "Her days: " + days(row), false, false));
            default -> Optional.empty();
        };
    }

    private static ToldLine floor(AnswerRow row, String when) {
        boolean hurt = !row.field("hurt").isEmpty();
        boolean heavy = !row.field("heavy").isEmpty();
        String words = "Pelvic floor: " + row.field("holds") + " holds, " + row.field("flicks") + " quick"
                + (hurt ? ", hurt" : "") + (heavy ? ", heavy" : "");
        return new ToldLine(row.givenAt(), when, words, false, hurt || heavy);
    }

    private static String days(AnswerRow row) {
        String told =
                ColumnCodec.known(ColumnCodec.lines(List.of(row.field("days").split(","))), DailyActivity.class)
                        .stream()
                        .map(DailyActivity::words)
                        .collect(Collectors.joining(", "));
        return told.isEmpty() ? "none of the list" : told;
    }

    /** Marks what was shown as seen; what came since stays. */
    @Transactional
    public void seen(SignedIn me, long womanId, long upTo) {
        rows.seen(womanId, upTo, me.accountId(), day.instant());
    }

    /** Answers a question once; false where it is none of hers, or answered already. */
    @Transactional
    public boolean reply(SignedIn me, long womanId, long question, String words) {
        return rows.reply(womanId, question, words, me.accountId(), day.today(me), day.instant()) == 1;
    }
}
