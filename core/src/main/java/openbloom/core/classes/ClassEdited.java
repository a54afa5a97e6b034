package openbloom.core.classes;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import openbloom.core.moves.Demand;
import openbloom.core.moves.Dose;
import openbloom.core.moves.Move;
import openbloom.core.screening.SideCheck;
import openbloom.core.session.Edited;
import openbloom.core.session.Format;
import openbloom.core.session.HardLine;
import openbloom.core.session.Outline;
import openbloom.core.session.Part;
import openbloom.core.session.Pick;
import openbloom.core.session.Timetable;
import openbloom.core.verdict.Verdict;

/**
 * A changed class judged for its women on a day and laid out in time, with every hard line it breaks. Whoever would do what does
 * not pass for her rests.
 *
 * @param outline its lines in the order in which they are done
 * @param gone names of exercises that were in it and pass for nobody today
 * @param sheet as it would be taught
 * @param broken what breaks a hard line, by its line
 * @see ClassOutline
 * @see HardLine
 */
public record ClassEdited(ClassOutline outline, ClassSheet sheet, List<ClassBroken> broken, List<String> gone) {
    private static final int MOST_OFFERED = 12;

    /** Hard lines of a session of one that each woman's part of a class keeps, too. */
    private static final Set<HardLine> HERS = Set.of(
            HardLine.WHAT_PASSES,
            HardLine.FLOOR_LIFTS,
            HardLine.ON_THE_BACK,
            HardLine.FULL_SUPPORT,
            HardLine.ONE_FRONT_SUPPORT);

    /** Those of what is called out. */
    private static final Set<HardLine> OF_ALL = Set.of(HardLine.LIGHT_FIRST, HardLine.IMPACT_EARLY);

    public ClassEdited {
        broken = List.copyOf(broken);
        gone = List.copyOf(gone);
    }

    /**
     * A hard line that is broken.
     *
     * @param at number of the line, from 0
     * @param words what is wrong and for whom, as a sentence
     * @param shut whether no reason opens it
     */
    public record ClassBroken(int at, String words, boolean shut) {}

    /** @param members who takes part, in the order of the outline's women; not empty */
    public static ClassEdited of(ClassOutline outline, List<ClassMember> members) {
        ClassOutline inOrder = new ClassOutline(outline.lines().stream()
                .sorted(Comparator.comparing(ClassOutline.ClassLine::part))
                .toList());
        return new Judging(inOrder, members).edited();
    }

    /** What is still broken without a reason, or shut whatever the reason. */
    public List<ClassBroken> open() {
        return broken.stream()
                .filter(line ->
                        line.shut() || outline.lines().get(line.at()).because().isBlank())
                .toList();
    }

    /** A line for an exercise as the women would do it together; empty where it is for none of them today. */
    public static Optional<ClassOutline.ClassLine> line(List<ClassMember> members, Move move, Part part) {
        return ClassFitting.of(members)
                .together(move, pick -> part == Part.RELEASE ? ClassComposer.held(pick) : pick)
                .map(common -> {
                    int sets = part == Part.WORK ? common.called().dose().sets() : 1;
                    List<Optional<Move>> does = new ArrayList<>();
                    for (int member = 0; member < members.size(); member++) {
                        does.add(common.of(member, sets).map(Pick::move));
                    }
                    return new ClassOutline.ClassLine(
                            move, part, common.called().dose().withSets(sets), "", "", does);
                });
    }

    /**
     * Exercises that may stand in for one: the same purpose, for at least 60 % of them, most of them first, then the nearest.
     */
    public static List<Move> insteadOf(List<ClassMember> members, Move move) {
        ClassFitting fitting = ClassFitting.of(members);
        return fitting.catalogue().stream()
                .filter(other -> other.purpose() == move.purpose() && !other.equals(move))
                .flatMap(other -> fitting.common(other, pick -> pick).stream())
                .sorted(Comparator.<CommonExercise>comparingInt(common -> -common.doing())
                        .thenComparing(common -> away(common.move(), move)))
                .map(CommonExercise::move)
                .limit(MOST_OFFERED)
                .toList();
    }

    private static int away(Move other, Move move) {
        return (other.strand() == move.strand() ? 0 : 100) + Math.abs(other.rung() - move.rung());
    }

    /** What one woman could do in a line: the exercise itself and those alike, where they pass for her. */
    public static List<Verdict> forHer(ClassMember member, Move move) {
        return member.judgement().catalogue().moves().stream()
                .filter(other -> ClassFitting.kind(other).equals(ClassFitting.kind(move)))
                .map(member.judgement()::of)
                .filter(Verdict::passes)
                .sorted(Comparator.comparingInt(verdict -> away(verdict.move(), move)))
                .toList();
    }

    /** One outline while it is judged. */
    private static final class Judging {
        private final ClassOutline outline;
        private final List<ClassMember> members;
        private final ClassFitting fitting;
        private final List<CommonExercise> exercises = new ArrayList<>();
        private final List<ClassBroken> broken = new ArrayList<>();
        private final List<String> gone;

        Judging(ClassOutline outline, List<ClassMember> members) {
            this.members = members;
            this.fitting = ClassFitting.of(members);
            this.outline = new ClassOutline(outline.lines().stream()
                    .filter(line -> !done(line, true).isEmpty())
                    .toList());
            this.gone = outline.lines().stream()
                    .filter(line -> done(line, true).isEmpty())
                    .map(line -> line.move().name())
                    .toList();
        }

        ClassEdited edited() {
            outline.lines().forEach(line -> exercises.add(exercise(line)));
            Timetable timetable = Timetable.of(
                    new Timetable.TimetableParts(picks(Part.OPENING), picks(Part.WORK), picks(Part.RELEASE)),
                    Format.of(Format.FormatKind.SETS),
                    SideCheck.Weaker.EVEN);
            ClassSheet sheet = LaidOut.of(members, timetable, exercises).sheet(List.of(), 0, OptionalInt.empty(), "");
            fewDoIt();
            restTooLong(sheet);
            ofAll();
            for (int member = 0; member < members.size(); member++) {
                ofHers(member, sheet);
                onTheWrists(member, sheet);
            }
            broken.sort(Comparator.comparingInt(ClassBroken::at));
            return new ClassEdited(outline, sheet, broken, gone);
        }

        private List<Pick> picks(Part part) {
            List<Pick> picks = new ArrayList<>();
            for (int at = 0; at < exercises.size(); at++) {
                if (outline.lines().get(at).part() == part) {
                    picks.add(exercises.get(at).called());
                }
            }
            return picks;
        }

        private CommonExercise exercise(ClassOutline.ClassLine line) {
            return CommonExercise.decided(
                    line.move(), done(line, true), done(line, false), line.dose(), members.size());
        }

        /** By member what she does in a line, where it passes for her: the exercise itself, or another. */
        private Map<Integer, Pick> done(ClassOutline.ClassLine line, boolean itself) {
            Map<Integer, Pick> done = new LinkedHashMap<>();
            for (int member = 0; member < members.size(); member++) {
                int number = member;
                line.does()
                        .get(member)
                        .filter(move -> move.equals(line.move()) == itself)
                        .flatMap(move -> fitting.ofHers(number, move))
                        .map(pick -> line.part() == Part.RELEASE ? pick.withDose(line.dose()) : pick)
                        .ifPresent(pick -> done.put(number, pick));
            }
            return done;
        }

        private void fewDoIt() {
            for (int at = 0; at < exercises.size(); at++) {
                int doing = exercises.get(at).doing();
                if (!fitting.areEnough(doing)) {
                    broken.add(new ClassBroken(
                            at,
                            exercises.get(at).move().name() + ": " + doing + " of " + members.size()
                                    + " do it itself, fewer than " + ClassComposer.FEWEST_PERCENT + " %.",
                            false));
                }
            }
        }

        private void restTooLong(ClassSheet sheet) {
            for (int member = 0; member < members.size(); member++) {
                int running = 0;
                for (int at = 0; at < sheet.items().size(); at++) {
                    boolean rests = sheet.items().get(at).of(member).how() == TakesPart.RESTS;
                    running = rests ? running + 1 : 0;
                    if (running == ClassComposer.MOST_RESTS_RUNNING + 1) {
                        broken.add(new ClassBroken(
                                at,
                                members.get(member).name() + " rests more than " + ClassComposer.MOST_RESTS_RUNNING
                                        + " times running.",
                                false));
                    }
                }
            }
        }

        /** Resting takes the weight off the wrists, too. */
        private void onTheWrists(int member, ClassSheet sheet) {
            int running = 0;
            for (int at = 0; at < sheet.items().size(); at++) {
                boolean leans = sheet.items()
                        .get(at)
                        .of(member)
                        .pick()
                        .filter(pick -> pick.move().has(Demand.WRIST))
                        .isPresent();
                running = leans ? running + 1 : 0;
                if (running == HardLine.MOST_ON_THE_WRISTS + 1) {
                    broken.add(
                            new ClassBroken(at, members.get(member).name() + ": " + HardLine.WRISTS.sentence(), false));
                }
            }
        }

        private void ofAll() {
            Outline called = new Outline(
                    outline.lines().stream()
                            .map(line -> line(line, line.move(), line.dose()))
                            .toList(),
                    Format.of(Format.FormatKind.SETS));
            Edited.of(called, members.get(0).judgement()).broken().stream()
                    .filter(one -> OF_ALL.contains(one.line()))
                    .forEach(one -> broken.add(new ClassBroken(one.at(), one.words(), one.shut())));
        }

        private void ofHers(int member, ClassSheet sheet) {
            List<Integer> lines = new ArrayList<>();
            List<Outline.OutlineLine> hers = new ArrayList<>();
            for (int at = 0; at < outline.lines().size(); at++) {
                ClassOutline.ClassLine line = outline.lines().get(at);
                Optional<Pick> does = sheet.items().get(at).of(member).pick();
                int number = at;
                line.does().get(member).ifPresent(move -> {
                    lines.add(number);
                    hers.add(line(line, move, does.map(Pick::dose).orElse(line.dose())));
                });
            }
            Outline part = new Outline(hers, Format.of(Format.FormatKind.SETS));
            Edited.of(part, members.get(member).judgement()).broken().stream()
                    .filter(one -> HERS.contains(one.line()))
                    .forEach(one -> broken.add(new ClassBroken(
                            lines.get(one.at()),
                            members.get(member).name() + ": " + one.words(),
                            one.shut() || one.line() == HardLine.WHAT_PASSES)));
        }

        private static Outline.OutlineLine line(ClassOutline.ClassLine line, Move move, Dose dose) {
            return new Outline.OutlineLine(move, line.part(), dose, 0, "", "");
        }
    }
}
