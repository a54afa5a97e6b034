package openbloom.app.session;

import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import openbloom.app.system.FormReader;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.Move;
import openbloom.core.session.Edited;
import openbloom.core.session.Outline;
import openbloom.core.verdict.Judgement;
import org.jspecify.annotations.Nullable;

/**
 * One change of a session, as it is typed.
 *
 * @param version the version that was on the page
 * @param act what to do: UP, DOWN, MOVE, DOSE, SWAP, ADD, REMOVE, NOTE or UNDO
 * @param item number of the line, from 0
 */
record EditForm(
        @Nullable String version,
        @Nullable String act,
        @Nullable String item,
        @Nullable String to,
        @Nullable String move,
        @Nullable String sets,
        @Nullable String amount,
        @Nullable String words) {
    private static final int LONGEST = 300;
    private static final int MOST_VERSIONS = 1_000_000;
    private static final int MOST_LINES = 40;

    /** What may be done to a line. */
    enum Act {
        UP,
        DOWN,
        MOVE,
        DOSE,
        SWAP,
        ADD,
        REMOVE,
        NOTE,
        BECAUSE,
        PIN,
        BAN,
        UNDO
    }

    /** A change that makes sense, with what it is called. */
    record SessionChange(Outline outline, int at, String words) {}

    /** What was typed, in words, so that a change that was refused is not lost. */
    String inWords() {
        String dose = isTold(sets) || isTold(amount) ? "dose " + told(sets) + " × " + told(amount) : "";
        return Stream.of(dose, told(move), isTold(words) ? "“" + told(words) + "”" : "")
                .filter(one -> !one.isEmpty())
                .collect(Collectors.joining(", "));
    }

    private static boolean isTold(@Nullable String typed) {
        return typed != null && !typed.isBlank();
    }

    private static String told(@Nullable String typed) {
        String text = typed == null ? "" : typed.strip();
        return text.substring(0, Math.min(LONGEST, text.length()));
    }

    /** Why it is made although it breaks a hard line, or empty. */
    String reason() {
        return told(words);
    }

    int seen(FormReader typed) {
        return typed.requiredWhole("version", version, 0, MOST_VERSIONS).orElse(-1);
    }

    Optional<Act> asked(FormReader typed) {
        return typed.requiredChoice("act", act, Act.class);
    }

    /** The changed outline; empty with a problem where the change makes no sense. */
    Optional<SessionChange> apply(FormReader typed, Act asked, Outline outline, Judgement judgement) {
        if (asked == Act.ADD) {
            return chosen(typed, judgement.catalogue())
                    .filter(added -> hasRoom(typed, outline))
                    .map(added -> added(outline, judgement, added));
        }
        int most = outline.entries().size() - 1;
        Optional<Integer> line = most < 0 ? Optional.empty() : typed.requiredWhole("item", item, 0, most);
        if (line.isEmpty()) {
            typed.refuse("item", "session.noSuchItem");
            return Optional.empty();
        }
        int at = line.get();
        String name = outline.entries().get(at).move().name();
        return switch (asked) {
            case UP ->
                Optional.of(new SessionChange(outline.moved(at, at - 1), Math.max(0, at - 1), name + " earlier"));
            case DOWN ->
                Optional.of(new SessionChange(outline.moved(at, at + 1), Math.min(most, at + 1), name + " later"));
            case MOVE ->
                typed.requiredWhole("to", to, 0, most)
                        .map(place -> new SessionChange(outline.moved(at, place), place, name + " moved"));
            case PIN -> Optional.of(new SessionChange(outline, at, name + ": always include"));
            case BAN ->
                Optional.of(new SessionChange(
                        outline.without(at), Math.max(0, at - 1), name + ": never include from now on"));
            case REMOVE ->
                Optional.of(new SessionChange(outline.without(at), Math.max(0, at - 1), name + " taken out"));
            case NOTE -> {
                String note = typed.text("words", words, LONGEST);
                yield Optional.of(new SessionChange(outline.noted(at, note), at, name + ": note"));
            }
            case BECAUSE -> {
                String why = typed.requiredText("words", words, LONGEST);
                yield Optional.of(new SessionChange(outline.because(at, why), at, name + " stays: " + why));
            }
            case SWAP -> chosen(typed, judgement.catalogue()).map(other -> swapped(outline, judgement, at, other));
            case DOSE ->
                DoseFields.read(typed, sets, amount, outline.entries().get(at).dose())
                        .map(dose -> new SessionChange(outline.dosed(at, dose), at, name + ": " + dose.words()));
            default -> Optional.empty();
        };
    }

    private static boolean hasRoom(FormReader typed, Outline outline) {
        boolean room = outline.entries().size() < MOST_LINES;
        if (!room) {
            typed.refuse("move", "session.tooManyLines", MOST_LINES);
        }
        return room;
    }

    private Optional<Move> chosen(FormReader typed, Catalogue catalogue) {
        String typedMove = typed.requiredText("move", move, LONGEST);
        Optional<Move> found = catalogue.meant(typedMove);
        if (found.isEmpty() && !typedMove.isEmpty()) {
            typed.refuse("move", "move.unknown", typedMove);
        }
        return found;
    }

    private SessionChange added(Outline outline, Judgement judgement, Move added) {
        Outline.OutlineLine entry = Edited.entry(judgement, added, Edited.partOf(added));
        Outline with = outline.with(entry);
        return new SessionChange(with, with.entries().indexOf(entry), added.name() + " added");
    }

    private SessionChange swapped(Outline outline, Judgement judgement, int at, Move other) {
        Outline.OutlineLine before = outline.entries().get(at);
        Outline.OutlineLine entry = Edited.entry(judgement, other, before.part());
        return new SessionChange(
                outline.swapped(at, entry),
                at,
                other.name() + " instead of " + before.move().name());
    }
}
