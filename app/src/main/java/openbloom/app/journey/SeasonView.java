package openbloom.app.journey;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import openbloom.app.checks.gap.GapChecks;
import openbloom.app.moves.Seasons;
import openbloom.app.session.Sessions;
import openbloom.core.Days;
import openbloom.core.YesNoUnknown;
import openbloom.core.dating.Block;
import openbloom.core.dating.Dating;
import openbloom.core.dating.Trimester;
import openbloom.core.evidence.Published;
import openbloom.core.moves.Catalogue;
import openbloom.core.picture.Ribbon;
import openbloom.core.picture.Ribbon.RibbonKind;
import openbloom.core.program.Season;
import openbloom.core.record.Client;
import openbloom.core.stage.Birth;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.RecoveryStage;
import openbloom.core.stage.Tear;
import openbloom.core.verdict.Facts;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.VerdictKind;

/**
 * Her season and one week of it: by the calendar alone, with what is known today. Past her due date it goes on as if she
 * gave birth on that day, with nothing known of the birth.
 *
 * @param ribbon an SVG drawing
 * @param weeks how many weeks the slider spans
 */
public record SeasonView(
        String ribbon,
        int weeks,
        ShownWeek shown,
        Map<VerdictKind, Integer> counts,
        List<ShownChange> changes,
        List<ShownChange> ahead) {
    /** The week that is looked at; assumed where it lies behind a birth that is still ahead. */
    public record ShownWeek(int week, String day, String where, boolean assumed) {}

    /** One change of the calendar in a sentence. */
    public record ShownChange(String day, String words, String code) {
        static ShownChange of(Season.SeasonChange change) {
            return new ShownChange(
                    Days.words(change.date()), change.words(), change.rule().code());
        }
    }

    private static final int CHANGES_AHEAD_SHOWN = 6;
    private static final int HALF_A_YEAR_DAYS = 182;

    /** What the season is drawn from. */
    record KnownFact(
            Client client, LocalDate today, List<GapChecks.KeptCheck> checks, List<Sessions.ComposedFor> sessions) {}

    static SeasonView of(Seasons seasons, Catalogue catalogue, KnownFact known, Optional<Integer> week) {
        List<Ribbon.Band> bands = bands(known);
        LocalDate from = bands.get(0).from();
        LocalDate to = bands.get(bands.size() - 1).toExclusive();
        int weeks = (int) ChronoUnit.WEEKS.between(from, to);
        int now = (int) Math.max(0, ChronoUnit.WEEKS.between(from, known.today()));
        int asked = Math.max(0, Math.min(weeks, week.orElse(now)));
        LocalDate shown = week.isEmpty() ? known.today() : from.plusWeeks(asked);
        List<Season.SeasonChange> season = season(seasons, catalogue, known, to);
        Client assumed = assumedOn(known.client(), shown);
        Judgement judgement = Judgement.of(catalogue, assumed, shown);
        return new SeasonView(
                Ribbon.of(bands, marks(known, season), known.today(), shown),
                weeks,
                new ShownWeek(asked, Days.words(shown), where(judgement.facts(), shown), assumed != known.client()),
                counts(judgement),
                season.stream()
                        .filter(change ->
                                !change.date().isBefore(shown) && change.date().isBefore(shown.plusWeeks(1)))
                        .map(ShownChange::of)
                        .toList(),
                season.stream()
                        .filter(change -> !change.date().isBefore(shown.plusWeeks(1)))
                        .limit(CHANGES_AHEAD_SHOWN)
                        .map(ShownChange::of)
                        .toList());
    }

    private static Map<VerdictKind, Integer> counts(Judgement judgement) {
        Map<VerdictKind, Integer> counts = new EnumMap<>(VerdictKind.class);
        Arrays.stream(VerdictKind.values()).forEach(kind -> counts.put(kind, 0));
        judgement.all().forEach(verdict -> counts.merge(verdict.kind(), 1, Integer::sum));
        return counts;
    }

    private static List<Season.SeasonChange> season(
            Seasons seasons, Catalogue catalogue, KnownFact known, LocalDate to) {
        Optional<LocalDate> due =
                known.client().situation().pregnancy().map(Dating::dueDate).filter(known.today()::isBefore);
        if (due.isEmpty()) {
            return seasons.of(catalogue, known.client(), known.today(), to);
        }
        List<Season.SeasonChange> season =
                new ArrayList<>(seasons.of(catalogue, known.client(), known.today(), due.get()));
        LocalDate born = due.get().plusDays(1);
        season.addAll(seasons.of(catalogue, assumedOn(known.client(), born), born, to));
        return season;
    }

    /** The same woman, or, past her due date, as if she had given birth on it with nothing known of the birth. */
    private static Client assumedOn(Client client, LocalDate day) {
        return client.situation()
                .pregnancy()
                .map(Dating::dueDate)
                .filter(day::isAfter)
                .map(due -> client.but()
                        .notPregnant()
                        .gaveBirth(new Birth(due, BirthKind.VAGINAL, Tear.UNKNOWN, YesNoUnknown.UNKNOWN))
                        .build())
                .orElse(client);
    }

    private static String where(Facts facts, LocalDate day) {
        return facts.age()
                .map(age -> age.words() + ", " + Trimester.at(age).words() + ", block "
                        + Block.at(age).label())
                .or(() -> facts.recentBirth()
                        .map(birth -> weeksWords(birth.daysOn(day) / 7) + " after birth, "
                                + facts.recovery().stage().words()))
                .orElse("neither pregnant nor postnatal");
    }

    private static String weeksWords(long weeks) {
        return weeks == 1 ? "1 week" : weeks + " weeks";
    }

    private static List<Ribbon.Band> bands(KnownFact known) {
        List<Ribbon.Band> bands = new ArrayList<>();
        Optional<Dating> pregnancy = known.client().situation().pregnancy();
        Optional<Birth> birth = known.client().situation().birth();
        if (pregnancy.isPresent()) {
            trimesters(pregnancy.get(), bands);
            recovery(pregnancy.get().dueDate(), false, true, bands);
        } else if (birth.filter(born -> born.isRecentOn(known.today())).isPresent()) {
            LocalDate on = birth.get().date();
            LocalDate began = on.minusDays(Published.PREGNANCY_FROM_LAST_PERIOD.days());
            bands.add(new Ribbon.Band(began, on, "pregnancy", "#8A9A8C", true));
            recovery(
                    on,
                    birth.get().earliestReturn().isAfter(on.plusDays(Published.IMPACT_AFTER_BIRTH.days())),
                    false,
                    bands);
        } else {
            LocalDate from = known.today().minusDays(HALF_A_YEAR_DAYS);
            bands.add(new Ribbon.Band(
                    from, known.today().plusDays(HALF_A_YEAR_DAYS), "no time floors", "#5B6B74", false));
        }
        return bands;
    }

    private static void trimesters(Dating dating, List<Ribbon.Band> bands) {
        LocalDate second = dating.dayOfWeek(Published.SECOND_TRIMESTER.amount());
        LocalDate third = dating.dayOfWeek(Published.THIRD_TRIMESTER.amount());
        bands.add(new Ribbon.Band(dating.firstDay(), second, "1st trimester", "#6F8F7F", false));
        bands.add(new Ribbon.Band(second, third, "2nd trimester", "#557C6A", false));
        bands.add(new Ribbon.Band(third, dating.dueDate(), "3rd trimester", "#3F6B57", false));
    }

    private static void recovery(LocalDate birth, boolean slower, boolean assumed, List<Ribbon.Band> bands) {
        Published toReturn = slower ? Published.RETURN_AFTER_SURGERY_OR_TEAR : Published.EARLIEST_STRENGTHEN;
        LocalDate reconnect = birth.plusDays(Published.EARLIEST_RECONNECT.days());
        LocalDate rebuild = birth.plusDays(Published.EARLIEST_REBUILD.days());
        LocalDate strengthen = birth.plusDays(Published.EARLIEST_STRENGTHEN.days());
        LocalDate back = birth.plusDays(toReturn.days());
        LocalDate end = birth.plusYears(Published.NEWLY_DELIVERED.amount());
        Stream.of(
                        stage(RecoveryStage.HEAL, birth, reconnect, "#8C7B97", assumed),
                        stage(RecoveryStage.RECONNECT, reconnect, rebuild, "#74638A", assumed),
                        stage(RecoveryStage.REBUILD, rebuild, strengthen, "#5B6F92", assumed),
                        stage(RecoveryStage.STRENGTHEN, strengthen, back, "#4A6A86", assumed),
                        stage(RecoveryStage.RETURN, back, end, "#3D5A74", assumed))
                .filter(band -> band.from().isBefore(band.toExclusive()))
                .forEach(bands::add);
    }

    private static Ribbon.Band stage(RecoveryStage stage, LocalDate from, LocalDate to, String tone, boolean assumed) {
        String label = stage.words() + (stage == RecoveryStage.RETURN ? ", earliest" : "");
        return new Ribbon.Band(from, to, label, tone, assumed);
    }

    private static List<Ribbon.Mark> marks(KnownFact known, List<Season.SeasonChange> season) {
        List<Ribbon.Mark> marks = new ArrayList<>();
        known.client().situation().pregnancy().ifPresent(dating -> {
            for (Block block : Block.values()) {
                marks.add(new Ribbon.Mark(
                        dating.dayOfWeek(block.firstWeek()), Integer.toString(block.firstWeek()), RibbonKind.TICK));
            }
            marks.add(new Ribbon.Mark(dating.dueDate(), "due " + Days.words(dating.dueDate()), RibbonKind.BIRTH));
            weekMarks(dating.dueDate(), marks);
        });
        known.client().situation().birth().ifPresent(birth -> {
            marks.add(new Ribbon.Mark(birth.date(), birth.kind().words(), RibbonKind.BIRTH));
            weekMarks(birth.date(), marks);
        });
        known.checks().forEach(kept -> marks.add(new Ribbon.Mark(kept.check().date(), "gap check", RibbonKind.CHECK)));
        known.sessions()
                .forEach(kept -> marks.add(new Ribbon.Mark(kept.stored().plannedOn(), "session", RibbonKind.SESSION)));
        season.stream()
                .map(Season.SeasonChange::date)
                .distinct()
                .forEach(date -> marks.add(new Ribbon.Mark(date, "the calendar changes something", RibbonKind.CHANGE)));
        return marks;
    }

    /** The six- and twelve-week marks after a birth. */
    private static void weekMarks(LocalDate birth, List<Ribbon.Mark> marks) {
        for (int weeks : new int[] {Published.EARLIEST_REBUILD.amount(), Published.EARLIEST_STRENGTHEN.amount()}) {
            marks.add(new Ribbon.Mark(birth.plusWeeks(weeks), weeks + " wk", RibbonKind.TICK));
        }
    }
}
