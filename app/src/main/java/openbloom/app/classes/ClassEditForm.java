package openbloom.app.classes;

import java.util.List;
import java.util.Optional;
import openbloom.app.session.DoseFields;
import openbloom.app.system.FormReader;
import openbloom.core.classes.ClassEdited;
import openbloom.core.classes.ClassMember;
import openbloom.core.classes.ClassOutline;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.Move;
import openbloom.core.session.Edited;
import openbloom.core.session.Part;
import org.jspecify.annotations.Nullable;

/**
 * One change of a class sheet, as it is typed.
 *
 * @param version the version that was on the page
 * @param item number of the line, from 0
 * @param to where it goes
 * @param move name or key of an exercise; for one woman empty to rest
 * @param woman her place in the sheet, from 0
 */
record ClassEditForm(
        @Nullable String version,
        @Nullable String act,
        @Nullable String item,
        @Nullable String to,
        @Nullable String move,
        @Nullable String woman,
        @Nullable String sets,
        @Nullable String amount,
        @Nullable String words) {
    private static final int LONGEST = 300;
    private static final int MOST_VERSIONS = 1_000_000;
    private static final int MOST_LINES = 40;

    /** What may be done to a line. */
    enum ClassAct {
        UP,
        DOWN,
        MOVE,
        DOSE,
        SWAP,
        ONE,
        ADD,
        REMOVE,
        NOTE,
        BECAUSE,
        UNDO;

        /** Whether it changes what is done in a line, so that more may be changed there at once. */
        boolean isOfWhatIsDone() {
            return this == SWAP || this == ONE;
        }
    }

    /** A change that makes sense, the line it is about, and what it is called. */
    record ClassChange(ClassOutline outline, int at, String words) {}

    int seen(FormReader typed) {
        return typed.requiredWhole("version", version, 0, MOST_VERSIONS).orElse(-1);
    }

    Optional<ClassAct> asked(FormReader typed) {
        return typed.requiredChoice("act", act, ClassAct.class);
    }

    /** Why it is made although it breaks a hard line, or empty. */
    String reason() {
        return words == null
                ? ""
                : words.substring(0, Math.min(LONGEST, words.length())).strip();
    }

    /** The line of the page it is about; the first where none is told. */
    int line() {
        return new FormReader().whole("item", item, 0, MOST_LINES).orElse(0);
    }

    /** The changed outline; empty with a problem where the change makes no sense. */
    Optional<ClassChange> apply(
            FormReader typed, ClassAct asked, ClassOutline outline, List<ClassMember> members, Catalogue catalogue) {
        if (asked == ClassAct.ADD) {
            return chosen(typed, catalogue).flatMap(added -> added(typed, outline, members, added));
        }
        int most = outline.lines().size() - 1;
        Optional<Integer> line = most < 0 ? Optional.empty() : typed.requiredWhole("item", item, 0, most);
        if (line.isEmpty()) {
            typed.refuse("item", "class.noSuchLine");
            return Optional.empty();
        }
        int at = line.get();
        ClassOutline.ClassLine now = outline.lines().get(at);
        String name = now.move().name();
        return switch (asked) {
            case UP -> Optional.of(new ClassChange(outline.moved(at, at - 1), Math.max(0, at - 1), name + " earlier"));
            case DOWN ->
                Optional.of(new ClassChange(outline.moved(at, at + 1), Math.min(most, at + 1), name + " later"));
            case MOVE ->
                typed.requiredWhole("to", to, 0, most)
                        .map(place -> new ClassChange(outline.moved(at, place), place, name + " moved"));
            case REMOVE -> Optional.of(new ClassChange(outline.without(at), Math.max(0, at - 1), name + " taken out"));
            case NOTE -> {
                String note = typed.text("words", words, LONGEST);
                yield Optional.of(new ClassChange(outline.noted(at, note), at, name + ": note"));
            }
            case BECAUSE -> {
                String why = typed.requiredText("words", words, LONGEST);
                yield Optional.of(new ClassChange(outline.because(at, why), at, name + " stays: " + why));
            }
            case DOSE ->
                DoseFields.read(typed, sets, amount, now.dose())
                        .map(dose -> new ClassChange(outline.dosed(at, dose), at, name + ": " + dose.words()));
            case SWAP -> chosen(typed, catalogue).flatMap(other -> swapped(typed, outline, at, members, other));
            case ONE -> one(typed, outline, at, members, catalogue);
            default -> Optional.empty();
        };
    }

    private Optional<Move> chosen(FormReader typed, Catalogue catalogue) {
        String typedMove = typed.requiredText("move", move, LONGEST);
        Optional<Move> found = catalogue.meant(typedMove);
        if (found.isEmpty() && !typedMove.isEmpty()) {
            typed.refuse("move", "move.unknown", typedMove);
        }
        return found;
    }

    private Optional<ClassChange> added(FormReader typed, ClassOutline outline, List<ClassMember> members, Move added) {
        if (outline.lines().size() >= MOST_LINES) {
            typed.refuse("move", "class.tooManyLines", MOST_LINES);
            return Optional.empty();
        }
        return line(typed, members, added, Edited.partOf(added)).map(line -> {
            ClassOutline with = outline.with(line);
            return new ClassChange(with, with.lines().indexOf(line), added.name() + " added");
        });
    }

    private Optional<ClassChange> swapped(
            FormReader typed, ClassOutline outline, int at, List<ClassMember> members, Move other) {
        ClassOutline.ClassLine before = outline.lines().get(at);
        return line(typed, members, other, before.part())
                .map(line -> new ClassChange(
                        outline.swapped(at, line),
                        at,
                        other.name() + " instead of " + before.move().name()));
    }

    private Optional<ClassOutline.ClassLine> line(FormReader typed, List<ClassMember> members, Move move, Part part) {
        Optional<ClassOutline.ClassLine> line = ClassEdited.line(members, move, part);
        if (line.isEmpty()) {
            typed.refuse("move", "class.forNobody", move.name());
        }
        return line;
    }

    private Optional<ClassChange> one(
            FormReader typed, ClassOutline outline, int at, List<ClassMember> members, Catalogue catalogue) {
        Optional<Integer> who = typed.requiredWhole("woman", woman, 0, members.size() - 1);
        boolean rests = move == null || move.isBlank();
        Optional<Move> other = rests ? Optional.empty() : chosen(typed, catalogue);
        if (who.isEmpty() || !rests && other.isEmpty()) {
            return Optional.empty();
        }
        String name = members.get(who.get()).name();
        String does = other.map(Move::name).orElse("rests");
        return Optional.of(new ClassChange(
                outline.done(at, who.get(), other),
                at,
                name + ", " + outline.lines().get(at).move().name() + ": " + does));
    }
}
