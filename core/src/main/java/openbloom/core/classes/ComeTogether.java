package openbloom.core.classes;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.session.Composer;
import openbloom.core.session.HardLine;
import openbloom.core.session.Pick;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Reason;
import openbloom.core.verdict.Verdict;

/**
 * Who of a class can take part today, and why the others cannot.
 *
 * @param fits what fits each who comes
 */
record ComeTogether(
        List<ClassMember> come, List<ClassSheet.CannotCome> cannot, Map<ClassMember, Map<Move, Pick>> fits) {
    /** Of what most of the others do, so much has to be hers: in per cent (common practice, no source). */
    private static final int LEAST_IN_COMMON_PERCENT = 50;

    /** Fewer exercises in common make no class. */
    private static final int FEWEST_IN_COMMON = 6;

    private static final int PERCENT = 100;
    private static final int TOLD_INSTEAD = 5;

    static ComeTogether of(int minutes, List<ClassMember> members) {
        List<ClassMember> come = new ArrayList<>();
        List<ClassSheet.CannotCome> cannot = new ArrayList<>();
        Map<ClassMember, Map<Move, Pick>> fits = new IdentityHashMap<>();
        for (ClassMember member : members) {
            Map<Move, Pick> hers = ClassComposer.fits(member);
            if (!member.judgement().facts().isAskedForSigns()) {
                cannot.add(new ClassSheet.CannotCome(
                        member.name(),
                        ClassSheet.CannotComeKind.NOT_ASKED,
                        "Not asked about warning signs today.",
                        List.of()));
            } else if (minutes > HardLine.HEALING_MINUTES && Composer.isHealing(member.judgement())) {
                cannot.add(new ClassSheet.CannotCome(
                        member.name(),
                        ClassSheet.CannotComeKind.HEALING,
                        HardLine.WHILE_HEALING.sentence(),
                        List.of()));
            } else if (training(hers).isEmpty()) {
                cannot.add(new ClassSheet.CannotCome(
                        member.name(), ClassSheet.CannotComeKind.STOPPED, stopped(member.judgement()), List.of()));
            } else {
                come.add(member);
                fits.put(member, hers);
            }
        }
        leaveOut(come, cannot, fits);
        return new ComeTogether(List.copyOf(come), List.copyOf(cannot), fits);
    }

    /** One after the other, whose part would be smallest, until everybody has enough in common with the rest. */
    private static void leaveOut(
            List<ClassMember> come, List<ClassSheet.CannotCome> cannot, Map<ClassMember, Map<Move, Pick>> fits) {
        int asked = come.size();
        while (come.size() > 1) {
            Set<Move> common = common(come, fits);
            ClassMember least = come.stream()
                    .min((one, other) -> Integer.compare(part(one, common, fits), part(other, common, fits)))
                    .orElseThrow();
            boolean enough = common.size() >= FEWEST_IN_COMMON
                    && part(least, common, fits) * PERCENT >= LEAST_IN_COMMON_PERCENT * common.size();
            if (enough) {
                return;
            }
            come.remove(least);
            cannot.add(littleInCommon(least, common, fits));
        }
        if (asked > 1) {
            ClassMember last = come.remove(0);
            cannot.add(littleInCommon(last, Set.of(), fits));
        }
    }

    private static ClassSheet.CannotCome littleInCommon(
            ClassMember member, Set<Move> common, Map<ClassMember, Map<Move, Pick>> fits) {
        String why = common.isEmpty()
                ? "Nothing in common with the others today."
                : "Of " + common.size() + " exercises most of the others do, " + part(member, common, fits)
                        + " would be hers today.";
        List<String> instead = training(fits.get(member)).stream()
                .sorted((one, other) -> Integer.compare(other.load(), one.load()))
                .limit(TOLD_INSTEAD)
                .map(Move::name)
                .toList();
        return new ClassSheet.CannotCome(member.name(), ClassSheet.CannotComeKind.LITTLE_IN_COMMON, why, instead);
    }

    /** What loads or moves her and fits; breath and letting go are no class. */
    private static List<Move> training(Map<Move, Pick> fits) {
        return fits.keySet().stream().filter(ComeTogether::isTraining).toList();
    }

    private static boolean isTraining(Move move) {
        return move.strand() != ExerciseGroup.BREATH
                && move.strand() != ExerciseGroup.RELEASE
                && move.strand() != ExerciseGroup.CONNECT
                && move.strand() != ExerciseGroup.SCAR;
    }

    private static Set<Move> common(List<ClassMember> come, Map<ClassMember, Map<Move, Pick>> fits) {
        Map<Move, Long> counts = come.stream()
                .flatMap(member -> training(fits.get(member)).stream())
                .collect(Collectors.groupingBy(move -> move, Collectors.counting()));
        return counts.entrySet().stream()
                .filter(entry -> entry.getValue() * PERCENT >= (long) ClassComposer.FEWEST_PERCENT * come.size())
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet());
    }

    private static int part(ClassMember member, Set<Move> common, Map<ClassMember, Map<Move, Pick>> fits) {
        return (int) common.stream().filter(fits.get(member)::containsKey).count();
    }

    private static String stopped(Judgement judgement) {
        return judgement.catalogue().moves().stream()
                .filter(ComeTogether::isTraining)
                .map(judgement::of)
                .max((one, other) -> one.kind().compareTo(other.kind()))
                .flatMap(Verdict::leading)
                .map(Reason::rule)
                .map(rule -> rule.instructor())
                .orElse("Nothing of a class passes today.");
    }
}
