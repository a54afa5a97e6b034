package openbloom.app.gap;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import openbloom.core.Days;
import openbloom.core.gap.FingerWidths;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.Measured;
import openbloom.core.gap.Method;
import openbloom.core.gap.Repeatability;
import openbloom.core.gap.RepeatabilityInUse;
import openbloom.core.gap.School;
import openbloom.core.gap.SchoolAnswer;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The gap checks of a woman; kept whole or not at all. A correction is a new version, and the old one stays. */
@Service
public class GapChecks {
    private final GapCheckMapper mapper;

    GapChecks(GapCheckMapper mapper) {
        this.mapper = mapper;
    }

    /**
     * One version of a check.
     *
     * @param root the first version of it
     * @param fingers the examiner's own finger breadths, if it was read with fingers and she has entered them
     * @param reason why it took the place of an earlier version; empty for a first version
     * @param repeats first version of the check this is a blind second reading of
     */
    public record Examined(
            long id,
            long root,
            Measured measured,
            Optional<FingerWidths> fingers,
            String keptBy,
            Instant storedAt,
            String reason,
            Optional<Long> repeats) {
        public GapCheck check() {
            return measured.check();
        }

        public String examiner() {
            return measured.by().name();
        }

        /** {@code kept 24 Nov 2026 by Ines}, by the universal day. */
        public String keptWords() {
            return Days.words(LocalDate.ofInstant(storedAt, ZoneOffset.UTC)) + " by " + keptBy;
        }
    }

    /** Who keeps what, and when. */
    public record Keeping(long womanId, String formKey, long keptBy, Instant at) {}

    /** What came of keeping a correction. */
    enum Kept {
        NEW_VERSION,
        OVERTAKEN
    }

    /** Every check in its latest version, latest first; second readings and withdrawn checks are left out. */
    public List<Examined> of(long womanId) {
        return ofAll(List.of(womanId)).getOrDefault(womanId, List.of());
    }

    /** The checks of several women at once, as {@link #of}. */
    public Map<Long, List<Examined>> ofAll(List<Long> womanIds) {
        List<KeptGapCheck> versions = mapper.versionsOf(womanIds);
        Map<Long, Long> womanOf = versions.stream().collect(Collectors.toMap(KeptGapCheck::id, KeptGapCheck::womanId));
        return latest(versions, mapper.readingsOf(womanIds))
                .filter(check -> check.repeats().isEmpty())
                .collect(Collectors.groupingBy(check -> womanOf.get(check.id())));
    }

    /** Blind second readings by the first version of the check they repeat. */
    public Map<Long, Examined> secondReadingsOf(long womanId) {
        return latestVersions(womanId)
                .filter(second -> second.repeats().isPresent())
                .collect(Collectors.toMap(
                        second -> second.repeats().orElseThrow(), second -> second, (later, earlier) -> later));
    }

    private Stream<Examined> latestVersions(long womanId) {
        return latest(mapper.versionsOf(List.of(womanId)), mapper.readingsOf(List.of(womanId)));
    }

    private static Stream<Examined> latest(List<KeptGapCheck> versions, List<KeptReading> readings) {
        Set<Long> overtaken = versions.stream()
                .map(KeptGapCheck::corrects)
                .filter(Objects::nonNull)
                .collect(Collectors.toSet());
        return withReadings(versions, readings).stream()
                .filter(examined -> !examined.check().readings().isEmpty() && !overtaken.contains(examined.id()));
    }

    private static List<Examined> withReadings(List<KeptGapCheck> versions, List<KeptReading> all) {
        Map<Long, List<KeptReading>> readings = all.stream().collect(Collectors.groupingBy(KeptReading::checkId));
        return versions.stream()
                .map(kept -> kept.with(readings.getOrDefault(kept.id(), List.of())))
                .toList();
    }

    /** All versions of one check, the latest first; empty when the woman has none of that number. */
    public List<Examined> versionsOf(long womanId, long id) {
        List<Examined> all = withReadings(mapper.versionsOf(List.of(womanId)), mapper.readingsOf(List.of(womanId)));
        Optional<Long> root =
                all.stream().filter(one -> one.id() == id).map(Examined::root).findFirst();
        return all.stream()
                .filter(one -> root.filter(same -> one.root() == same).isPresent())
                .sorted(Comparator.comparing(Examined::id).reversed())
                .toList();
    }

    /** The latest of some checks that a school can read; the latest of all if it can read none. */
    public static Optional<Examined> latest(List<Examined> checks, School school) {
        return checks.stream()
                .filter(kept -> school.read(kept.check(), 0).verdict() != SchoolAnswer.Reading.NO_READING)
                .findFirst()
                .or(() -> checks.stream().findFirst());
    }

    /** The repeatability that counts for an examiner and a method. */
    public RepeatabilityInUse repeatability(long studioId, long examinerId, Method method) {
        Repeatability.Sums hers = Repeatability.Sums.NONE;
        Repeatability.Sums studios = Repeatability.Sums.NONE;
        for (GapCheckMapper.Duplicates kept : mapper.duplicatesIn(studioId, method)) {
            Repeatability.Sums sums = sums(kept, method);
            studios = studios.plus(sums);
            hers = kept.examinerId() == examinerId ? sums : hers;
        }
        return RepeatabilityInUse.of(method, hers, studios);
    }

    /** Fingers are kept in halves. */
    private static Repeatability.Sums sums(GapCheckMapper.Duplicates kept, Method method) {
        double squares = method.readsFingers() ? kept.squares() / 4.0 : kept.squares();
        return new Repeatability.Sums(Math.toIntExact(kept.pairs()), squares);
    }

    /**
     * Keeps a check.
     *
     * @return its number
     */
    @Transactional
    public long keep(long womanId, String formKey, Measured measured, Instant at) {
        return insert(new Keeping(womanId, formKey, measured.by().id(), at), measured, null, "", null);
    }

    /** Keeps a check that somebody else may have measured. */
    @Transactional
    long keep(Keeping keeping, Measured measured) {
        return insert(keeping, measured, null, "", null);
    }

    /** Keeps a blind second reading of a check. */
    @Transactional
    public void keepSecond(Keeping keeping, Measured measured, long firstRoot) {
        insert(keeping, measured, null, "", firstRoot);
    }

    /**
     * Keeps a correction: a new version beside the old one, by the same examiner of the same day. No readings withdraw
     * the check.
     */
    @Transactional
    Kept correct(Keeping keeping, Measured measured, Examined old, String reason) {
        try {
            insert(keeping, measured, old, reason, old.repeats().orElse(null));
            return Kept.NEW_VERSION;
        } catch (DuplicateKeyException alreadyCorrected) {
            return Kept.OVERTAKEN;
        }
    }

    private long insert(
            Keeping keeping, Measured measured, @Nullable Examined old, String reason, @Nullable Long repeats) {
        GapCheckMapper.NewCheck row = new GapCheckMapper.NewCheck(
                keeping.womanId(),
                keeping.formKey(),
                measured.check().date(),
                measured.by().id(),
                measured.method(),
                keeping.keptBy(),
                keeping.at(),
                old == null ? null : old.root(),
                old == null ? null : old.id(),
                reason,
                repeats,
                old == null ? repeats : null,
                old == null ? null : old.fingers().map(FingerWidths::toString).orElse(""));
        long id = mapper.insert(row);
        measured.check().readings().forEach(reading -> mapper.insertReading(KeptReading.of(id, reading)));
        return id;
    }
}
