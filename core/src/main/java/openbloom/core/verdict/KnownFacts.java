package openbloom.core.verdict;

import static openbloom.core.evidence.Published.*;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import openbloom.core.YesNoUnknown;
import openbloom.core.dating.Dating;
import openbloom.core.dating.GestationalAge;
import openbloom.core.evidence.Published;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.SchoolAnswer;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.pelvicfloor.LettingGo;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.record.ApproachChoice;
import openbloom.core.record.Clearance;
import openbloom.core.record.Client;
import openbloom.core.record.LadderStatus;
import openbloom.core.record.Surgery;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Contraindication;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.SymptomReport;
import openbloom.core.screening.WarningSign;
import openbloom.core.stage.Birth;
import openbloom.core.words.Evidence;
import org.jspecify.annotations.Nullable;

/**
 * What is known of a woman on a day, before anything is concluded about her midline: her pregnancy or birth, conditions, answers,
 * readings and ladders.
 */
class KnownFacts {
    /** What a woman free of conditions may be. */
    private static final Set<Condition> FREE = Set.of(Condition.BREASTFEEDING);

    private final Client client;
    private final LocalDate day;
    private final Optional<GestationalAge> age;
    private final Optional<Birth> recentBirth;
    private final Set<Condition> conditions;

    KnownFacts(Client client, LocalDate day) {
        this.client = client;
        this.day = day;
        this.age = client.situation().pregnancy().flatMap(dating -> ageIn(dating, day));
        this.recentBirth =
                age.isPresent() ? Optional.empty() : client.situation().birth().filter(birth -> birth.isRecentOn(day));
        this.conditions = withBabies(client, age.isPresent());
    }

    KnownFacts(KnownFacts known) {
        this.client = known.client;
        this.day = known.day;
        this.age = known.age;
        this.recentBirth = known.recentBirth;
        this.conditions = known.conditions;
    }

    /** What made a rule speak, in typed values. */
    FactEvidence evidence() {
        return new FactEvidence(this);
    }

    /** Past 45 weeks with no birth told she still counts as pregnant: unknown is never safe. */
    static Optional<GestationalAge> ageIn(Dating dating, LocalDate day) {
        LocalDate last = dating.firstDay().plusDays(GestationalAge.LONGEST_DAYS);
        return dating.ageOn(day.isAfter(last) ? last : day);
    }

    /** The day a sign was told; this day when nothing else is known. */
    LocalDate toldOn(WarningSign sign) {
        return client.safety().standing().getOrDefault(sign, day);
    }

    private static Set<Condition> withBabies(Client client, boolean pregnant) {
        Set<Condition> all = EnumSet.noneOf(Condition.class);
        all.addAll(client.medical().known().all());
        int babies = client.background().knownBabies();
        if (pregnant && babies >= MANY_BABIES.amount()) {
            all.add(Condition.TRIPLETS_OR_MORE);
        } else if (pregnant && babies == 2) {
            all.add(Condition.TWINS);
        }
        return all;
    }

    private YesNoUnknown recoveredBy(GapCheck check) {
        if (client.approach().is(ApproachChoice.FOUR_FINGERS)) {
            return YesNoUnknown.NO;
        }
        return switch (read(check).verdict()) {
            case WITHIN ->
                check.isOfEverySite() && Midline.isReadWhole(check) ? YesNoUnknown.YES : YesNoUnknown.UNKNOWN;
            case WIDER -> YesNoUnknown.NO;
            case NO_READING, NOT_JUDGED -> YesNoUnknown.UNKNOWN;
        };
    }

    /** Where nobody asked her age, the narrower limits of the younger. */
    SchoolAnswer read(GapCheck check) {
        return client.approach()
                .school()
                .read(check, client.background().ageYears().orElse(0));
    }

    public Client client() {
        return client;
    }

    public LocalDate day() {
        return day;
    }

    /** How far she is; empty when she is not pregnant on this day. */
    public Optional<GestationalAge> age() {
        return age;
    }

    public boolean isPregnant() {
        return age.isPresent();
    }

    boolean isPregnantFrom(int weeks) {
        return age.filter(far -> far.isAtLeastWeeks(weeks)).isPresent();
    }

    /** The latest birth, if she is not pregnant and it was less than two years ago. */
    public Optional<Birth> recentBirth() {
        return recentBirth;
    }

    boolean isWithinOfBirth(Published span) {
        return recentBirth.filter(birth -> birth.daysOn(day) < span.days()).isPresent();
    }

    /** Six weeks after a birth with a clinician's word, or so long after that light loads open by themselves. */
    boolean isPastFirstLook() {
        return recentBirth
                .filter(birth -> birth.daysOn(day)
                        < (birth.healsSlowly() ? Published.NO_NOTE_LIGHT_SLOWER : Published.NO_NOTE_LIGHT).days())
                .filter(birth -> clearance().isEmpty() || isWithinOfBirth(FULL_CHECK_AFTER_BIRTH))
                .isEmpty();
    }

    boolean has(Condition condition) {
        return conditions.contains(condition);
    }

    /** How a condition bears on her today; pre-eclampsia of a pregnancy that has ended for twelve weeks. */
    Optional<Contraindication> bearing(Condition condition) {
        boolean over = condition == Condition.PRE_ECLAMPSIA
                && !isPregnant()
                && !isWithinOfBirth(Published.PRE_ECLAMPSIA_AFTER_BIRTH);
        return has(condition) && !over ? Contraindication.of(condition, age) : Optional.empty();
    }

    /**
     * A clearance that answers a condition: expressly given for it, and not before it was there; where nobody said since
     * when, one older than a year opens nothing new. A general word opens what only needs the look after a birth.
     */
    Optional<Clearance> clearanceFor(Condition condition) {
        Optional<LocalDate> since = client.medical().known().since(condition);
        LocalDate earliest = since.orElse(day.minusDays(Published.CLEARANCE_OPENS_NOTHING_NEW.days()));
        return clearance()
                .filter(given -> given.answers().contains(condition))
                .filter(given -> !given.date().isBefore(earliest));
    }

    // --- surgery, wounds and a floor that has to let go

    /** Days since an operation that still bears on her; 0 when nobody told the day, empty when it bears on her no longer. */
    OptionalLong daysSince(Surgery surgery) {
        if (surgery.longAgo()) {
            return OptionalLong.empty();
        }
        long days = surgery.on().map(on -> ChronoUnit.DAYS.between(on, day)).orElse(0L);
        return days > Published.SURGERY_BEARS.days() ? OptionalLong.empty() : OptionalLong.of(days);
    }

    /** Her operations that still bear on her. */
    List<Surgery> surgeries() {
        if (client.medical().surgeries().isEmpty()) {
            return List.of();
        }
        return client.medical().surgeries().stream()
                .filter(surgery -> daysSince(surgery).isPresent())
                .toList();
    }

    /** Told or found: lifts hurt, or there is pain deep in the pelvis. The whole floor lets go, and nothing lifts. */
    public boolean isFloorPainful() {
        return has(Symptom.PELVIC_PAIN)
                || has(Symptom.PAIN_WITH_LIFTS)
                || client.checks().pelvicFloor().pain() == YesNoUnknown.YES;
    }

    /** A floor that is on the release track: tight, or painful. No lift, no squeeze and no lift cue reaches her. */
    public boolean isFloorToLetGo() {
        return client.checks().pelvicFloor().isTight() || isFloorPainful();
    }

    // --- what was asked

    public boolean isAskedForSigns() {
        return client.safety().signs().isGiven();
    }

    /** Whether she was asked lately enough; not asked is not "none". */
    public boolean isAskedForSymptoms() {
        return client.safety().symptoms().isFreshOn(day);
    }

    boolean isAskedForConditions() {
        return client.medical().conditions().isGiven();
    }

    /** Everything was asked, and nothing told that speaks against more. */
    boolean isAskedAndFree() {
        return isAskedForSigns()
                && isAskedForSymptoms()
                && isAskedForConditions()
                && client.safety().standing().isEmpty()
                && FREE.containsAll(client.medical().known().all())
                && client.safety().symptoms() instanceof SymptomReport.Asked asked
                && Symptom.OF_NO_LOAD.containsAll(asked.symptoms());
    }

    boolean isFloorChecked() {
        PelvicFloorCheck floor = client.checks().pelvicFloor();
        return floor.tone() != Tone.UNKNOWN || floor.lettingGo() != LettingGo.UNKNOWN;
    }

    private boolean isLookedAtLately(GapCheck check) {
        return !isPregnant() || !check.date().isBefore(day.minusDays(Published.LOAD_CHECK_PREGNANT.days()));
    }

    /** How far a ladder was seen flat lately: by a load check, or where doming set its ceiling. */
    int flatUpTo(ExerciseGroup strand) {
        int memory = isPregnant() ? Published.LOAD_CHECK_PREGNANT.days() : Published.GAP_STALE.days();
        LadderStatus.Flat seen = client.standing().flat().get(strand);
        if (seen != null) {
            return seen.on().isBefore(day.minusDays(memory)) ? 0 : seen.rung();
        }
        return client.standing().ceilings().getOrDefault(strand, 0);
    }

    boolean isSeenFlat(Move move) {
        return move.rung() <= flatUpTo(move.strand());
    }

    /** Whether a rung of the strand was written down or seen. */
    boolean isWritten(ExerciseGroup strand) {
        return client.standing().rungs().containsKey(strand)
                || client.standing().flat().containsKey(strand)
                || client.standing().ceilings().getOrDefault(strand, 0) > 0;
    }

    boolean follows(ApproachChoice choice) {
        return client.approach().is(choice);
    }

    /** A gap that is known to be wider than her approach allows. */
    boolean hasGap() {
        return gapRecovered() == YesNoUnknown.NO;
    }

    boolean has(Symptom symptom) {
        return client.safety().symptoms().has(symptom);
    }

    /** Of these symptoms the one declared first that she told of. A loop: several rules ask it on every day of a season. */
    Optional<Symptom> firstTold(Set<Symptom> symptoms) {
        @Nullable Symptom first = null;
        for (Symptom symptom : symptoms) {
            if (has(symptom) && (first == null || symptom.compareTo(first) < 0)) {
                first = symptom;
            }
        }
        return Optional.ofNullable(first);
    }

    /** The first of these conditions that she has. */
    Optional<Condition> firstKnown(List<Condition> conditions) {
        for (Condition condition : conditions) {
            if (has(condition)) {
                return Optional.of(condition);
            }
        }
        return Optional.empty();
    }

    /** Clearance that speaks of this pregnancy or of the time after the latest birth, and is not from the future. */
    public Optional<Clearance> clearance() {
        Optional<LocalDate> since = isPregnant()
                ? client.situation().pregnancy().map(dating -> dating.firstDay())
                : client.situation().birth().map(Birth::date);
        return client.medical()
                .clearance()
                .filter(given -> !given.date().isAfter(day))
                .filter(given -> since.isEmpty() || !given.date().isBefore(since.get()));
    }

    /** Whether the latest check is within what her approach allows, at every site, and read whole. */
    YesNoUnknown gapRecovered() {
        return client.checks().gap().map(this::recoveredBy).orElse(YesNoUnknown.UNKNOWN);
    }

    /** A reading that counts: lately, or recovered long ago with nothing told since that speaks against it. */
    boolean isGapFresh() {
        return client.checks()
                .gap()
                .filter(check -> check.isFreshOn(day) || staysRecovered(check))
                .isPresent();
    }

    /** Read lately, or so recovered that it is looked at again by choice. */
    boolean isGapReadLately() {
        return client.checks().gap().filter(check -> check.isFreshOn(day)).isPresent();
    }

    /** Recovered and flat twice, or once and the birth long ago: it stays so until a birth, doming or a belly that pushes out. */
    private boolean staysRecovered(GapCheck check) {
        Optional<LocalDate> birth = client.situation().birth().map(Birth::date);
        boolean longAgo = birth.filter(
                        born -> born.plusYears(Published.GAP_STAYS.amount()).isBefore(day))
                .isPresent();
        boolean birthSince = birth.filter(born -> born.isAfter(check.date())).isPresent();
        return !isPregnant()
                && !check.date().isAfter(day)
                && (check.settled() || longAgo)
                && !birthSince
                && gapRecovered() == YesNoUnknown.YES
                && domed() == YesNoUnknown.NO
                && client.standing().ceilings().isEmpty()
                && !has(Symptom.BELLY_PUSHES_OUT);
    }

    // --- steadiness, and what a leak holds back

    /** What makes her unsteady or a fall dangerous, as what says so; empty where nothing does. */
    Optional<Evidence> unsteady() {
        if (client.background().falls().isUnsteady()) {
            return Optional.of(new Evidence.Steadiness(client.background().falls()));
        }
        for (Condition bone : List.of(Condition.OSTEOPOROSIS, Condition.VERTEBRAL_FRACTURE)) {
            if (has(bone)) {
                return Optional.of(evidence().known(bone));
            }
        }
        return client.background().isAtLeast(Published.SUPPORT_FROM.amount())
                ? Optional.of(evidence().years())
                : Optional.empty();
    }

    /** Whether a leak she told of holds a move back; one told for some things alone holds what belongs to them. */
    boolean leakHolds(Move move) {
        return has(Symptom.LEAK_WITH_EFFORT)
                && Leaks.hold(client.safety().symptoms().leaksWhen(), move);
    }

    /** Whether the leak is the only thing told that speaks against impact. */
    private boolean onlyLeaks() {
        return has(Symptom.LEAK_WITH_EFFORT)
                && Symptom.AGAINST_IMPACT.stream().filter(this::has).count() == 1;
    }

    /** Whether what she told speaks against this impact: a leak told for other things does not. */
    boolean isAgainstImpact(Move move) {
        return move.isImpact() && (!onlyLeaks() || leakHolds(move));
    }

    /** Doming that was seen stays until it is seen flat; flat counts in pregnancy as long as a load check does. */
    YesNoUnknown domed() {
        YesNoUnknown onLift = client.checks()
                .gap()
                .filter(check -> check.domedOnLift() != YesNoUnknown.NO || isLookedAtLately(check))
                .map(GapCheck::domedOnLift)
                .orElse(YesNoUnknown.UNKNOWN);
        int ceiling = client.standing().ceilings().getOrDefault(ExerciseGroup.FLEXION, -1);
        if (onLift == YesNoUnknown.YES || ceiling == 0) {
            return YesNoUnknown.YES;
        }
        return onLift == YesNoUnknown.NO || ceiling > 0 ? YesNoUnknown.NO : YesNoUnknown.UNKNOWN;
    }

    /** A gap that is not recovered by her approach, or doming that was seen and not seen flat since. */
    public boolean hasGapOrDoming() {
        return gapRecovered() == YesNoUnknown.NO || domed() == YesNoUnknown.YES;
    }

    /** Whether her midline has recovered: by a reading that still counts, flat on the lift; unknown where nobody read it so. */
    public YesNoUnknown midlineRecovered() {
        if (gapRecovered() == YesNoUnknown.NO || domed() == YesNoUnknown.YES) {
            return YesNoUnknown.NO;
        }
        return gapRecovered() == YesNoUnknown.YES && domed() == YesNoUnknown.NO && isGapFresh()
                ? YesNoUnknown.YES
                : YesNoUnknown.UNKNOWN;
    }

    /** What a gap reading says by her approach, or that there is none, in words. */
    public String gapWords() {
        return evidence().gap().words();
    }

    /** The highest rung to reach for: one above what is written down; any that passes where nothing is. */
    public int reach(ExerciseGroup strand) {
        return isWritten(strand) ? achieved(strand) + 1 : Integer.MAX_VALUE;
    }

    /** The highest rung of a strand she has done well, however long ago; 0 when none. */
    public int achieved(ExerciseGroup strand) {
        LadderStatus.Flat seen = client.standing().flat().get(strand);
        return Math.max(
                Math.max(
                        client.standing().rungs().getOrDefault(strand, 0),
                        FloorPractice.rungShown(client.checks().pelvicFloor(), strand)),
                seen == null ? client.standing().ceilings().getOrDefault(strand, 0) : seen.rung());
    }
}
