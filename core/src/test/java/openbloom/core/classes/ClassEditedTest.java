package openbloom.core.classes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import net.jqwik.api.Example;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.Demand;
import openbloom.core.moves.Dose;
import openbloom.core.moves.Move;
import openbloom.core.record.Falls;
import openbloom.core.record.Goal;
import openbloom.core.session.HardLine;
import openbloom.core.session.Part;
import openbloom.core.session.Pick;
import openbloom.core.session.SessionItem;
import openbloom.core.verdict.Verdict;
import org.junit.jupiter.api.Test;

/** A sheet that somebody changes: 28 weeks pregnant, ten months after birth, 68 and unsteady. Numbers: common practice, no source. */
class ClassEditedTest {
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();
    private static final List<ClassMember> THREE = List.of(
            ClassComposerTest.member("Ada", ClassComposerTest.pregnant(28), 45, Goal.SUPPORT_MIDLINE),
            ClassComposerTest.member("Bea", ClassComposerTest.born(300), 45, Goal.STOP_LEAKING),
            ClassComposerTest.member(
                    "Cleo", ClassComposerTest.base(68).falls(Falls.UNSTEADY).build(), 45, Goal.STRONG_BONES));
    private static final ClassSheet COMPOSED = ClassComposer.compose(new ClassRequest(45, THREE));
    private static final ClassOutline OUTLINE = ClassOutline.of(COMPOSED);

    private static ClassEdited edited(ClassOutline outline) {
        return ClassEdited.of(outline, THREE);
    }

    private static List<String> done(ClassSheet sheet, int member) {
        return sheet.items().stream()
                .map(item ->
                        item.of(member).pick().map(pick -> pick.move().id()).orElse("rests"))
                .toList();
    }

    /** The first line of the work that all of them do itself. */
    private static int common() {
        return IntStream.range(0, OUTLINE.lines().size())
                .filter(at -> OUTLINE.lines().get(at).part() == Part.WORK)
                .filter(at -> OUTLINE.lines().get(at).does().stream()
                        .allMatch(does -> does.filter(OUTLINE.lines().get(at).move()::equals)
                                .isPresent()))
                .findFirst()
                .orElseThrow();
    }

    /** Judged anew nothing is changed: who does what, when, and how long; and no part of anybody's breaks a line of her own. */
    @Example
    void aComposedSheetStaysAsItIs() {
        for (ClassRequest request : ClassComposerTest.generated()) {
            ClassSheet sheet = ClassComposer.compose(request);
            if (sheet.items().isEmpty()) {
                continue;
            }
            ClassEdited again = ClassEdited.of(ClassOutline.of(sheet), sheet.members());
            assertThat(again.broken())
                    .extracting(ClassEdited.ClassBroken::words)
                    .isEmpty();
            assertThat(again.gone()).isEmpty();
            assertThat(again.sheet().seconds()).isEqualTo(sheet.seconds());
            assertThat(again.sheet().changes()).isEqualTo(sheet.changes());
            assertThat(again.sheet().items())
                    .extracting(item -> item.move().id(), ClassItem::startsAt, ClassItem::seconds)
                    .isEqualTo(sheet.items().stream()
                            .map(item -> tuple(item.move().id(), item.startsAt(), item.seconds()))
                            .toList());
            for (int member = 0; member < sheet.members().size(); member++) {
                assertThat(done(again.sheet(), member)).isEqualTo(done(sheet, member));
            }
        }
    }

    @Test
    void oneWomanRestsOrDoesAnotherAndTheOthersGoOn() {
        int at = common();
        ClassEdited rests = edited(OUTLINE.done(at, 1, Optional.empty()));
        assertThat(rests.sheet().items().get(at).of(1).how()).isEqualTo(TakesPart.RESTS);
        assertThat(rests.sheet().items().get(at).of(0).pick()).isPresent();
        assertThat(rests.sheet().seconds()).isEqualTo(COMPOSED.seconds());
        assertThat(rests.broken()).isEmpty();

        Move other = ClassEdited.forHer(THREE.get(1), CATALOGUE.get("clam")).stream()
                .map(Verdict::move)
                .filter(move -> !move.id().equals("clam"))
                .findFirst()
                .orElseThrow();
        ClassEdited another = edited(OUTLINE.done(at, 1, Optional.of(other)));
        assertThat(another.sheet().items().get(at).of(1).pick().map(Pick::move)).contains(other);
        SessionItem called = another.sheet().lines().get(lineOf(another.sheet(), at));
        assertThat(another.sheet()
                        .lineOf(lineOf(another.sheet(), at), 1)
                        .orElseThrow()
                        .seconds())
                .isEqualTo(called.seconds());
    }

    private static int lineOf(ClassSheet sheet, int item) {
        return IntStream.range(0, sheet.lines().size())
                .filter(line -> sheet.itemOf(line) == sheet.items().get(item))
                .findFirst()
                .orElseThrow();
    }

    /** Two of three are 67 %, one of three is 33 %: fewer than 60. A reason opens it. */
    @Test
    void whereFewerThanSixtyPercentDoItItselfAReasonIsNeeded() {
        int at = common();
        String name = OUTLINE.lines().get(at).move().name();
        ClassOutline outline = OUTLINE.done(at, 1, Optional.empty()).done(at, 2, Optional.empty());
        assertThat(edited(outline).open())
                .extracting(ClassEdited.ClassBroken::at, ClassEdited.ClassBroken::words, ClassEdited.ClassBroken::shut)
                .contains(tuple(at, name + ": 1 of 3 do it itself, fewer than 60 %.", false));
        assertThat(edited(outline.because(at, "they watch first")).open())
                .noneMatch(broken -> broken.words().contains("do it itself"));
    }

    @Test
    void whoeverRestsForTheThirdTimeRunningIsNamed() {
        int first = common();
        ClassOutline outline = OUTLINE;
        for (int at = first; at < first + 3; at++) {
            outline = outline.done(at, 0, Optional.empty());
        }
        assertThat(edited(outline).broken())
                .filteredOn(broken -> broken.words().contains("running"))
                .extracting(ClassEdited.ClassBroken::words)
                .containsExactly("Ada rests more than 2 times running.");
        assertThat(edited(outline.done(
                                first + 1,
                                0,
                                Optional.of(outline.lines().get(first + 1).move())))
                        .broken())
                .noneMatch(broken -> broken.words().contains("running"));
    }

    /** What one does instead puts her on her wrists three times running, while the others are off theirs. */
    @Test
    void nobodyLeansOnHerWristsThreeTimesRunning() {
        List<Move> leaning = CATALOGUE.moves().stream()
                .filter(move -> move.has(Demand.WRIST)
                        && THREE.get(1).judgement().of(move).passes())
                .limit(3)
                .toList();
        int first = common();
        ClassOutline outline = OUTLINE;
        for (int i = 0; i < 3; i++) {
            outline = outline.done(first + i, 1, Optional.of(leaning.get(i)));
        }
        assertThat(edited(outline).broken())
                .extracting(ClassEdited.ClassBroken::at, ClassEdited.ClassBroken::words)
                .contains(tuple(first + 2, "Bea: " + HardLine.WRISTS.sentence()));
        assertThat(edited(outline.done(first + 1, 1, Optional.empty())).broken())
                .noneMatch(broken -> broken.words().contains(HardLine.WRISTS.sentence()));
    }

    /** At 28 weeks nothing curls: no reason opens it, and until it is taken back she rests. */
    @Test
    void whatDoesNotPassForHerIsShut() {
        Move curl = CATALOGUE.moves().stream().filter(Move::isCurl).findFirst().orElseThrow();
        int at = common();
        ClassOutline outline = OUTLINE.done(at, 0, Optional.of(curl)).because(at, "she wants it");
        ClassEdited edited = edited(outline);
        assertThat(edited.open()).anySatisfy(broken -> {
            assertThat(broken.at()).isEqualTo(at);
            assertThat(broken.words()).startsWith("Ada: " + curl.name());
            assertThat(broken.shut()).isTrue();
        });
        assertThat(edited.sheet().items().get(at).of(0).how()).isEqualTo(TakesPart.RESTS);
        assertThat(ClassEdited.forHer(THREE.get(0), curl))
                .noneMatch(verdict -> verdict.move().isCurl());
    }

    @Test
    void anotherExerciseForAllIsEverybodysVersionOfIt() {
        int at = common();
        Move before = OUTLINE.lines().get(at).move();
        Move other = ClassEdited.insteadOf(THREE, before).stream()
                .filter(move ->
                        OUTLINE.lines().stream().noneMatch(line -> line.move().equals(move)))
                .findFirst()
                .orElseThrow();
        assertThat(other.purpose()).isEqualTo(before.purpose());
        ClassEdited edited = edited(
                OUTLINE.swapped(at, ClassEdited.line(THREE, other, Part.WORK).orElseThrow()));
        ClassItem item = edited.sheet().items().get(at);
        assertThat(item.move()).isEqualTo(other);
        for (int member = 0; member < 3; member++) {
            boolean passes = THREE.get(member).judgement().of(other).passes();
            boolean itself = item.of(member).how().isItself();
            assertThat(itself && !passes).as(THREE.get(member).name()).isFalse();
        }
    }

    /** A dose that is more than hers is called out, and she does her own. */
    @Test
    void nobodyDoesMoreThanHerOwn() {
        int at = common();
        Dose now = OUTLINE.lines().get(at).dose();
        Dose more = now.repetitions() > 1 ? now.withRepetitions(60) : now.withHoldSeconds(600);
        ClassEdited edited = edited(OUTLINE.dosed(at, more));
        ClassItem item = edited.sheet().items().get(at);
        assertThat(item.pick().dose()).isEqualTo(more);
        for (int member = 0; member < 3; member++) {
            Dose own = THREE.get(member)
                    .fitting()
                    .itself(item.move())
                    .orElseThrow()
                    .dose();
            Dose hers = item.of(member).pick().orElseThrow().dose();
            assertThat(hers.repetitions()).isLessThanOrEqualTo(own.repetitions());
            assertThat(hers.holdSeconds()).isLessThanOrEqualTo(own.holdSeconds());
        }
        assertThat(edited.sheet().seconds()).isGreaterThan(COMPOSED.seconds());
    }

    private static List<String> ids(ClassOutline outline) {
        return outline.lines().stream().map(line -> line.move().id()).toList();
    }

    @Test
    void linesMoveWithinTheirPartAndWhatNobodyMayDoIsGone() {
        int last = OUTLINE.lines().size() - 1;
        ClassEdited moved = edited(OUTLINE.moved(last, 0));
        assertThat(moved.outline().lines()).isSortedAccordingTo(Comparator.comparing(ClassOutline.ClassLine::part));
        assertThat(ids(moved.outline())).containsExactlyInAnyOrderElementsOf(ids(OUTLINE));
        int at = common();
        ClassEdited later = edited(OUTLINE.moved(at, at + 1));
        assertThat(later.outline().lines().get(at + 1).move())
                .isEqualTo(OUTLINE.lines().get(at).move());
        Move curl = CATALOGUE.moves().stream().filter(Move::isCurl).findFirst().orElseThrow();
        List<ClassMember> pregnant = List.of(THREE.get(0));
        assertThat(ClassEdited.line(pregnant, curl, Part.WORK)).isEmpty();
        ClassOutline hers = new ClassOutline(List.of(new ClassOutline.ClassLine(
                curl, Part.WORK, new Dose(2, 8, 0, 0, 30, false), "", "", List.of(Optional.of(curl)))));
        assertThat(ClassEdited.of(hers, pregnant).gone()).containsExactly(curl.name());
        assertThat(ClassEdited.of(hers, pregnant).sheet().items()).isEmpty();
    }

    @Test
    void notesStayWithTheirLine() {
        ClassOutline noted = OUTLINE.noted(2, "slowly").moved(3, 2);
        assertThat(noted.lines().get(3).note()).isEqualTo("slowly");
        assertThat(noted.without(3).lines()).noneMatch(line -> line.note().equals("slowly"));
        Move inIt = OUTLINE.lines().get(common()).move();
        ClassOutline.ClassLine added =
                ClassEdited.line(THREE, inIt, Part.WORK).orElseThrow().because("once more");
        assertThat(OUTLINE.with(added).lines().indexOf(added)).isEqualTo((int) OUTLINE.lines().stream()
                .filter(line -> line.part() != Part.RELEASE)
                .count());
    }
}
