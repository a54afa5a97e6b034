package openbloom.app.checks.pelvicfloor;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import openbloom.app.checks.SheetFindings;
import openbloom.app.people.Woman;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.StudioDay;
import openbloom.core.evidence.Source;
import openbloom.core.pelvicfloor.DatedCheck;
import openbloom.core.pelvicfloor.Prescription;
import openbloom.core.pelvicfloor.Progression;
import openbloom.core.pelvicfloor.Release;
import openbloom.core.verdict.Facts;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What her pelvic floor practises by now, and what guided practices showed. */
@Service
public class Practices {
    private final PracticeMapper rows;
    private final SheetFindings findings;
    private final StudioDay day;

    Practices(PracticeMapper rows, SheetFindings findings, StudioDay day) {
        this.rows = rows;
        this.findings = findings;
        this.day = day;
    }

    /** By the latest check up to the day of the facts, moved on or back by what was practised since. */
    public Prescription prescribed(Woman woman, Facts facts) {
        return prescribed(woman, findings.pelvicFloorChecks(woman.id(), facts.day()), facts);
    }

    /**
     * By the latest check, moved on or back by what was practised since. What she did at home holds back or lowers; that it went
     * well there nobody has seen.
     */
    Prescription prescribed(Woman woman, List<DatedCheck> checks, Facts facts) {
        Prescription given = facts.pelvicPractice(facts.client().checks().pelvicFloor());
        if (given.holds().repetitions() == 0) {
            return given;
        }
        List<Progression.FloorPracticeDay> done = since(woman, checks).stream()
                .filter(row -> row.asked().track() == given.track())
                .filter(row ->
                        !row.fromHome() || row.seen().hurt() || row.seen().heavy())
                .map(Practices::day)
                .toList();
        Progression.ProgressionStep step = Progression.of(
                        given.track(),
                        facts.pelvicAllowance(),
                        facts.client().checks().pelvicFloor().fades())
                .through(given.holds(), done);
        return step.holds().equals(given.holds())
                ? given
                : given.with(
                        step.holds(),
                        new Prescription.Why(
                                step.why().replaceFirst("\\.$", "") + ": now "
                                        + step.holds().seconds() + " s × "
                                        + step.holds().repetitions(),
                                Source.COMMON_PRACTICE));
    }

    private static Progression.FloorPracticeDay day(PracticeMapper.PracticeRow row) {
        boolean fullSet = row.done().holds() >= row.asked().holds()
                && row.done().flicks() >= row.asked().flicks();
        return new Progression.FloorPracticeDay(
                row.practisedOn(),
                fullSet,
                row.seen().letGoFully(),
                row.seen().faded(),
                row.seen().hurt(),
                row.seen().heavy());
    }

    /** What was practised since the latest check, oldest first. */
    List<PracticeMapper.PracticeRow> since(Woman woman, List<DatedCheck> checks) {
        LocalDate latest =
                checks.isEmpty() ? LocalDate.MIN : checks.get(checks.size() - 1).on();
        return rows.of(woman.id()).stream()
                .filter(row -> !row.practisedOn().isBefore(latest))
                .toList();
    }

    /** How often she practised on a day, here or at home. */
    public int timesOn(Woman woman, LocalDate on) {
        return (int) rows.of(woman.id()).stream()
                .filter(row -> row.practisedOn().equals(on))
                .count();
    }

    /** What she counted at home of one set. */
    public record HomeSet(int holds, int flicks, boolean hurt, boolean heavy) {}

    /** Keeps a practice that was counted with her. */
    @Transactional
    void keep(SignedIn me, Woman woman, String key, PracticeMapper.PracticeRow row) {
        rows.insert(woman.id(), key, me.accountId(), day.instant(), row);
    }

    /**
     * Keeps a practice she did at home.
     *
     * @param madeBy who made her link
     */
    public void keepFromHome(Woman woman, long madeBy, String key, LocalDate on, Prescription given, HomeSet done) {
        PracticeMapper.PracticeRow row = new PracticeMapper.PracticeRow(
                0,
                on,
                "",
                true,
                new PracticeMapper.AskedSet(
                        given.track(),
                        given.holds().seconds(),
                        given.holds().repetitions() + given.shortHolds().repetitions(),
                        given.flicks().repetitions() * given.flicks().sets()),
                new PracticeMapper.DoneSet(done.holds(), done.flicks(), PracticeMapper.PositionRow.NOT_ASKED),
                new PracticeMapper.SeenSet(null, false, false, done.hurt(), done.heavy()));
        rows.insert(woman.id(), key, madeBy, day.instant(), row);
    }

    /** Practices of several women, each oldest first. */
    public Map<Long, List<Release.ReleasePractice>> ofAll(List<Long> womanIds) {
        return womanIds.isEmpty()
                ? Map.of()
                : rows.lettingGoOf(womanIds).stream()
                        .collect(Collectors.groupingBy(
                                PracticeMapper.LetGo::womanId,
                                Collectors.mapping(Practices::practice, Collectors.toList())));
    }

    private static Release.ReleasePractice practice(PracticeMapper.LetGo row) {
        Integer ofTen = row.letGoOfTen();
        return new Release.ReleasePractice(
                row.practisedOn(), ofTen == null ? OptionalInt.empty() : OptionalInt.of(ofTen), row.hurt());
    }
}
