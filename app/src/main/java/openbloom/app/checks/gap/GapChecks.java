package openbloom.app.checks.gap;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import openbloom.app.checks.log.CheckLog;
import openbloom.app.checks.log.CheckVersion;
import openbloom.app.checks.log.Logged;
import openbloom.app.checks.log.NewVersion;
import openbloom.core.gap.FingerWidths;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.GapState;
import openbloom.core.gap.Measured;
import openbloom.core.gap.Method;
import openbloom.core.gap.Repeatability;
import openbloom.core.gap.RepeatabilityInUse;
import openbloom.core.gap.School;
import openbloom.core.gap.SchoolAnswer.SchoolVerdict;
import org.jspecify.annotations.Nullable;
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
     * @param fingers the examiner's own finger breadths, if it was read with fingers and she has entered them
     * @param repeats first version of the check this is a blind second reading of
     */
    public record KeptCheck(
            CheckVersion version, Measured measured, Optional<FingerWidths> fingers, Optional<Long> repeats)
            implements Logged {
        @Override
        public boolean isWithdrawn() {
            return check().readings().isEmpty();
        }

        public GapCheck check() {
            return measured.check();
        }

        public String examiner() {
            return measured.by().name();
        }
    }

    /** Who keeps what, and when. */
    public record Keeping(long womanId, String formKey, long keptBy, Instant at) {}

    /** Every check in its latest version, latest first; second readings and withdrawn checks are left out. */
    public List<KeptCheck> of(long womanId) {
        return ofAll(List.of(womanId)).getOrDefault(womanId, List.of());
    }

    /** The checks of several women at once, as {@link #of}. */
    public Map<Long, List<KeptCheck>> ofAll(List<Long> womanIds) {
        List<KeptGapCheck> versions = mapper.versionsOf(womanIds);
        Map<Long, Long> womanOf = versions.stream().collect(Collectors.toMap(KeptGapCheck::id, KeptGapCheck::womanId));
        return latest(versions, mapper.readingsOf(womanIds))
                .filter(check -> check.repeats().isEmpty())
                .collect(Collectors.groupingBy(check -> womanOf.get(check.id())));
    }

    /** Blind second readings by the first version of the check they repeat. */
    public Map<Long, KeptCheck> secondReadingsOf(long womanId) {
        return latestVersions(womanId)
                .filter(second -> second.repeats().isPresent())
                .collect(Collectors.toMap(
                        second -> second.repeats().orElseThrow(), second -> second, (later, earlier) -> later));
    }

    private Stream<KeptCheck> latestVersions(long womanId) {
        return latest(mapper.versionsOf(List.of(womanId)), mapper.readingsOf(List.of(womanId)));
    }

    private static Stream<KeptCheck> latest(List<KeptGapCheck> versions, List<KeptReading> readings) {
        return CheckLog.current(withReadings(versions, readings)).stream();
    }

    private static List<KeptCheck> withReadings(List<KeptGapCheck> versions, List<KeptReading> all) {
        Map<Long, List<KeptReading>> readings = all.stream().collect(Collectors.groupingBy(KeptReading::checkId));
        return versions.stream()
                .map(kept -> kept.with(readings.getOrDefault(kept.id(), List.of())))
                .toList();
    }

    /** All versions of one check, the latest first; empty when the woman has none of that number. */
    public List<KeptCheck> versionsOf(long womanId, long id) {
        return CheckLog.versionsOf(
                id, withReadings(mapper.versionsOf(List.of(womanId)), mapper.readingsOf(List.of(womanId))));
    }

    /**
     * The latest of some checks that a school can read or that looked at the small lift, whatever it left out; the latest
     * of all if there is none.
     */
    public static Optional<KeptCheck> latest(List<KeptCheck> checks, School school) {
        return checks.stream()
                .filter(kept -> school.read(kept.check(), 0).verdict() != SchoolVerdict.NO_READING
                        || kept.check().in(GapState.LIFT).findAny().isPresent())
                .findFirst()
                .or(() -> checks.stream().findFirst());
    }

    /** The repeatability that counts for an examiner and a method. */
    public RepeatabilityInUse repeatability(long studioId, long examinerId, Method method) {
        return inUse(
                studioId,
                examinerId,
                method,
                kept -> sums(method, kept.pairs(), kept.squares()),
                (hers, studios) -> RepeatabilityInUse.of(method, hers, studios));
    }

    /** The repeatability that counts for means over some sites by an examiner and a method. */
    public RepeatabilityInUse repeatabilityOfMeans(long studioId, long examinerId, Method method, int sites) {
        return inUse(
                studioId,
                examinerId,
                method,
                kept -> sums(method, kept.meanPairs(), kept.meanSquares().doubleValue()),
                (hers, studios) -> RepeatabilityInUse.ofMeans(method, sites, hers, studios));
    }

    private RepeatabilityInUse inUse(
            long studioId,
            long examinerId,
            Method method,
            Function<GapCheckMapper.Repeated, Repeatability.Sums> read,
            BiFunction<Repeatability.Sums, Repeatability.Sums, RepeatabilityInUse> decide) {
        Repeatability.Sums hers = Repeatability.Sums.NONE;
        Repeatability.Sums studios = Repeatability.Sums.NONE;
        for (GapCheckMapper.Repeated kept : mapper.repeatedIn(studioId, method)) {
            Repeatability.Sums sums = read.apply(kept);
            studios = studios.plus(sums);
            hers = kept.examinerId() == examinerId ? sums : hers;
        }
        return decide.apply(hers, studios);
    }

    /** Fingers are kept in halves. */
    private static Repeatability.Sums sums(Method method, long pairs, double squares) {
        double unit = method.readsFingers() ? 4.0 : 1.0;
        return new Repeatability.Sums(Math.toIntExact(pairs), squares / unit);
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
    CheckLog.LoggedCheck correct(Keeping keeping, Measured measured, KeptCheck old, String reason) {
        return CheckLog.correct(
                () -> insert(keeping, measured, old, reason, old.repeats().orElse(null)));
    }

    private long insert(
            Keeping keeping, Measured measured, @Nullable KeptCheck old, String reason, @Nullable Long repeats) {
        GapCheckMapper.NewCheck row = new GapCheckMapper.NewCheck(
                keeping.womanId(),
                measured.check().date(),
                measured.by().id(),
                measured.method(),
                NewVersion.after(
                        old == null ? null : old.version(), reason, keeping.formKey(), keeping.keptBy(), keeping.at()),
                repeats,
                old == null ? repeats : null,
                old == null ? null : old.fingers().map(FingerWidths::toString).orElse(""));
        Optional<Long> repeated =
                Optional.ofNullable(repeats).or(() -> Optional.ofNullable(old).map(KeptCheck::root));
        repeated.ifPresent(first -> mapper.lock(measured.by().id()));
        repeated.ifPresent(first -> mapper.comesTo(first).forEach(before -> mapper.add(before.negated())));
        long id = mapper.insert(row);
        measured.check().readings().forEach(reading -> mapper.insertReading(KeptReading.of(id, reading)));
        repeated.ifPresent(first -> mapper.comesTo(first).forEach(mapper::add));
        return id;
    }
}
