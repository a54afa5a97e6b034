package openbloom.app.checks;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import openbloom.core.breath.BreathPosition;
import openbloom.core.breath.Breathing;
import openbloom.core.breath.ConnectCheck;
import openbloom.core.gap.GapCheck;
import openbloom.core.pelvicfloor.DatedCheck;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.pelvicfloor.Release;
import openbloom.core.record.Checks;
import openbloom.core.record.DatedLoad;
import openbloom.core.record.ImpactTests;
import openbloom.core.record.LoadCheck;
import openbloom.core.record.Training;
import openbloom.core.screening.EffortCheck;
import openbloom.core.screening.PostureCheck;
import openbloom.core.screening.SideCheck;
import org.springframework.stereotype.Service;

/** What the latest sheets found, as the rules read it and as one line tells it. */
@Service
public class SheetFindings {
    private final Sheets sheets;
    private final Map<SheetKind, SheetReader> readers;

    SheetFindings(Sheets sheets, List<SheetReader> readers) {
        this.sheets = sheets;
        this.readers = readers.stream().collect(Collectors.toMap(SheetReader::kind, reader -> reader));
    }

    /** What a sheet found, in one line. */
    public String words(Sheet sheet) {
        return sheet.isUnreadable()
                ? "cannot be read: correct it or withdraw it; it counts as not checked"
                : readers.get(sheet.kind()).words(sheet.answers());
    }

    /**
     * What sheets and the gap check found; a kind that was never filled in stays unknown.
     *
     * @param all latest first
     * @param practices of the pelvic floor, which may show that it lets go again
     */
    public Checks of(List<Sheet> all, Optional<GapCheck> gap, List<Release.ReleasePractice> practices) {
        Map<SheetKind, Sheet> latest =
                all.stream().collect(Collectors.toMap(Sheet::kind, sheet -> sheet, (later, earlier) -> later));
        Optional<Sheet> effort = Optional.ofNullable(latest.get(SheetKind.EFFORT));
        return new Checks(
                gap,
                Release.settled(pelvicFloorChecks(all), practices).orElse(PelvicFloorCheck.NOT_CHECKED),
                read(latest, SheetKind.BREATH, found -> Breathing.of(BreathSheet.read(found)), Breathing.NOT_CHECKED),
                read(latest, SheetKind.CONNECT, ConnectSheet::read, ConnectCheck.NOT_CHECKED),
                read(latest, SheetKind.POSTURE, PostureSheet::read, PostureCheck.NOT_CHECKED),
                read(latest, SheetKind.SIDES, SidesSheet::read, SideCheck.NOT_CHECKED),
                read(latest, SheetKind.EFFORT, EffortSheet::read, EffortCheck.NOT_CHECKED),
                new Checks.ReturnChecks(
                        effort.flatMap(sheet -> EffortSheet.straightLegRaise(sheet.answers())),
                        effort.map(sheet -> EffortSheet.tests(sheet.answers(), sheet.checkedOn()))
                                .orElse(ImpactTests.NOT_DONE)));
    }

    /** The pelvic floor checks up to a day, oldest first. */
    public List<DatedCheck> pelvicFloorChecks(long womanId, LocalDate day) {
        return pelvicFloorChecks(sheets.of(womanId).stream()
                .filter(sheet -> !sheet.checkedOn().isAfter(day))
                .toList());
    }

    private static List<DatedCheck> pelvicFloorChecks(List<Sheet> all) {
        List<Sheet> oldestFirst = new ArrayList<>(all);
        Collections.reverse(oldestFirst);
        return oldestFirst.stream()
                .filter(sheet -> sheet.kind() == SheetKind.PELVIC_FLOOR)
                .sorted(Comparator.comparing(Sheet::checkedOn))
                .map(sheet -> new DatedCheck(
                        sheet.checkedOn(),
                        PelvicFloorSheet.read(sheet.answers()),
                        PelvicFloorSheet.weaker(sheet.answers())))
                .toList();
    }

    /** What a pelvic floor check told, on its day. */
    public record DatedWords(LocalDate on, String words) {}

    /** What the pelvic floor checks up to a day told, the latest first. */
    public List<DatedWords> pelvicFloorHistory(long womanId, LocalDate day) {
        return sheets.of(womanId).stream()
                .filter(sheet -> sheet.kind() == SheetKind.PELVIC_FLOOR
                        && !sheet.checkedOn().isAfter(day))
                .map(sheet -> new DatedWords(sheet.checkedOn(), words(sheet)))
                .toList();
    }

    /** How she trained before, as the latest opening check tells it. */
    public Optional<Training> training(List<Sheet> all) {
        return all.stream()
                .filter(sheet -> sheet.kind() == SheetKind.OPENING)
                .flatMap(sheet -> OpeningSheet.read(sheet.answers()).training().stream())
                .findFirst();
    }

    /** The position in which her breath spreads, as the latest breath check found it. */
    public Optional<BreathPosition> breathesIn(long womanId, LocalDate day) {
        return sheets.latest(womanId, SheetKind.BREATH, day)
                .flatMap(sheet -> BreathSheet.read(sheet.answers()).works());
    }

    private static LoadCheck loads(Sheet sheet) {
        return sheet.kind() == SheetKind.LOAD
                ? LoadSheet.read(sheet.answers())
                : OpeningSheet.read(sheet.answers()).asLoadCheck();
    }

    /** The load checks and opening checks among some sheets, oldest first. */
    public List<DatedLoad> loadChecks(List<Sheet> all) {
        return all.stream()
                .filter(sheet -> sheet.kind() == SheetKind.LOAD || sheet.kind() == SheetKind.OPENING)
                .sorted(Comparator.comparing(Sheet::checkedOn))
                .map(sheet -> new DatedLoad(sheet.checkedOn(), loads(sheet)))
                .toList();
    }

    /** What the latest sheet of a kind says, or what stands for not checked. */
    private static <T> T read(
            Map<SheetKind, Sheet> latest, SheetKind kind, Function<SheetAnswers, T> reader, T unknown) {
        Sheet sheet = latest.get(kind);
        return sheet == null ? unknown : reader.apply(sheet.answers());
    }
}
