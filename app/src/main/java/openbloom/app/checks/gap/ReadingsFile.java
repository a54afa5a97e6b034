package openbloom.app.checks.gap;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import openbloom.app.people.Woman;
import openbloom.app.people.WomanMapper;
import openbloom.app.studio.Accounts;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.RefusedLine;
import openbloom.app.system.StudioDay;
import openbloom.core.Problem;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.GapReading;
import openbloom.core.gap.Measured;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Carries a woman's readings in from a file: first looked at, then kept; the same file twice adds nothing. */
@Service
class ReadingsFile {
    private final GapChecks checks;
    private final Accounts accounts;
    private final StudioDay day;
    private final WomanMapper women;

    ReadingsFile(GapChecks checks, Accounts accounts, StudioDay day, WomanMapper women) {
        this.women = women;
        this.checks = checks;
        this.accounts = accounts;
        this.day = day;
    }

    /** A check the file adds. */
    record CheckOfFile(CsvIn.CheckKey key, List<GapReading> readings) {}

    /**
     * What a file would do.
     *
     * @param already readings that are kept already
     */
    record Preview(List<CheckOfFile> added, int already, List<RefusedLine> refused) {
        public int readings() {
            return added.stream().mapToInt(check -> check.readings().size()).sum();
        }
    }

    Preview look(SignedIn me, Woman woman, String file) {
        CsvIn in = new CsvIn(accounts.ofStudio(me.studioId()), me.account(), day.today(me));
        CsvIn.ReadingsRead read = in.read(file);
        KeptFile kept = new KeptFile(
                checks.of(woman.id()),
                List.copyOf(checks.secondReadingsOf(woman.id()).values()));
        List<RefusedLine> refused = new ArrayList<>(read.refused());
        Map<CsvIn.CheckKey, List<CsvIn.ReadingRow>> added = new LinkedHashMap<>();
        int already = 0;
        for (CsvIn.ReadingRow row : read.rows()) {
            Optional<GapReading> there = kept.at(row);
            if (there.isEmpty()) {
                added.computeIfAbsent(row.key(), key -> new ArrayList<>()).add(row);
            } else if (there.get().equals(row.read())) {
                already++;
            } else {
                refused.add(new RefusedLine(
                        row.line(),
                        List.of(Problem.of(
                                "width", "csv.differs", there.get().width().words()))));
            }
        }
        added.keySet().stream()
                .filter(key -> key.reading() == 2 && kept.firstOf(key).isEmpty() && !added.containsKey(first(key)))
                .toList()
                .forEach(alone -> added.remove(alone)
                        .forEach(row -> refused.add(new RefusedLine(
                                row.line(), List.of(Problem.of("reading", "csv.secondAlone", alone.date()))))));
        refused.sort(Comparator.comparing(RefusedLine::line));
        List<CheckOfFile> checksAdded = added.entrySet().stream()
                .map(entry -> new CheckOfFile(
                        entry.getKey(),
                        entry.getValue().stream().map(CsvIn.ReadingRow::read).toList()))
                .toList();
        return new Preview(checksAdded, already, refused);
    }

    private static CsvIn.CheckKey first(CsvIn.CheckKey second) {
        return new CsvIn.CheckKey(second.date(), second.by(), second.method(), 1);
    }

    /** What the woman's record holds. */
    private record KeptFile(List<GapChecks.KeptCheck> firsts, List<GapChecks.KeptCheck> seconds) {
        Optional<GapReading> at(CsvIn.ReadingRow row) {
            return alike(row.key()).stream()
                    .flatMap(kept ->
                            kept.check().at(row.read().spot(), row.read().state()).stream())
                    .findFirst();
        }

        Optional<GapChecks.KeptCheck> firstOf(CsvIn.CheckKey second) {
            return alike(first(second)).stream().findFirst();
        }

        /** Kept checks of the same day, examiner, method and reading. */
        private List<GapChecks.KeptCheck> alike(CsvIn.CheckKey key) {
            return (key.reading() == 1 ? firsts : seconds)
                    .stream()
                            .filter(kept -> kept.check().date().equals(key.date())
                                    && kept.measured().by().id() == key.by().id()
                                    && kept.measured().method() == key.method())
                            .toList();
        }
    }

    /**
     * Keeps what {@link #look} would add: first readings before the second ones that repeat them. Of two at once the second
     * finds them here.
     *
     * @return how many readings were new
     */
    @Transactional
    public int keep(SignedIn me, Woman woman, String file) {
        women.aloneWith(woman.id());
        Preview preview = look(me, woman, file);
        List<CheckOfFile> added = preview.added();
        Instant at = day.instant();
        for (int reading = 1; reading <= 2; reading++) {
            int turn = reading;
            added.stream().filter(check -> check.key().reading() == turn).forEach(check -> keep(me, woman, check, at));
        }
        return preview.readings();
    }

    private void keep(SignedIn me, Woman woman, CheckOfFile added, Instant at) {
        CsvIn.CheckKey key = added.key();
        Measured measured = new Measured(new GapCheck(key.date(), added.readings()), key.method(), key.by());
        GapChecks.Keeping keeping = new GapChecks.Keeping(woman.id(), keyOf(woman, added), me.accountId(), at);
        if (key.reading() == 1) {
            checks.keep(keeping, measured);
        } else {
            checks.keepSecond(
                    keeping,
                    measured,
                    new KeptFile(checks.of(woman.id()), List.of())
                            .firstOf(key)
                            .orElseThrow()
                            .root());
        }
    }

    /** The same readings always have the same key. */
    private static String keyOf(Woman woman, CheckOfFile added) {
        String written = woman.id() + "|" + added.key() + "|" + added.readings();
        return UUID.nameUUIDFromBytes(written.getBytes(StandardCharsets.UTF_8)).toString();
    }
}
