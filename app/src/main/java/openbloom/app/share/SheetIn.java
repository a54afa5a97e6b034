package openbloom.app.share;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import openbloom.app.session.Loads;
import openbloom.app.system.CsvText;
import openbloom.app.system.FormReader;
import openbloom.app.system.RefusedLine;
import openbloom.core.Problem;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.Dose;
import openbloom.core.moves.Move;
import openbloom.core.record.CompensationSite;
import openbloom.core.record.Noted;
import openbloom.core.record.Occasion;
import openbloom.core.record.PainSite;
import openbloom.core.session.Place;
import openbloom.core.session.Side;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * Reads a spreadsheet of sessions, or of what was noted in them; its columns say which. Nothing is thrown for what somebody wrote: every
 * line is read or refused with what is wrong.
 */
final class SheetIn {
    static final int MOST_LINES = 5_000;
    private static final int MOST_MINUTES = 240;
    private static final int MOST_COUNTED = 6_000;
    private static final int MOST_SETS = 10;
    private static final int MOST_REPETITIONS = 60;
    private static final int MOST_HOLD_S = 600;
    private static final int MOST_BREATHS = 60;
    private static final int MOST_REST_S = 300;
    private static final int MOST_PAIN = 10;
    private static final int LONGEST_TOLD = 60;
    private static final int LONGEST_NOTE = 200;

    private final Map<String, Move> moves;
    private final LocalDate today;
    private final List<RefusedLine> refused = new ArrayList<>();

    /** @param today no session of a day to come is taken in */
    SheetIn(Catalogue catalogue, LocalDate today) {
        this.moves = catalogue.moves().stream()
                .collect(Collectors.toMap(
                        move -> move.name().toLowerCase(Locale.ROOT), move -> move, (one, two) -> one));
        this.today = today;
    }

    /** What is the same in every line of a session. */
    record SheetHead(
            String session,
            LocalDate plannedOn,
            Optional<LocalDate> taughtOn,
            Occasion occasion,
            Place place,
            Optional<Integer> minutes) {}

    /** An exercise, on one side where it has sides. */
    record SheetExercise(long line, Move move, Side side, Dose dose) {
        boolean isOtherSideOf(SheetExercise before) {
            return move.equals(before.move())
                    && side != before.side()
                    && side == before.side().other();
        }
    }

    /** A session that was done. */
    record SheetSession(SheetHead head, List<SheetExercise> exercises) {}

    /**
     * Something noted.
     *
     * @param occasion where it was told, empty where not; what was noted in a class belongs to her session of that day
     * @param where name of the place it hurt, or of what took over; empty where nothing was told
     */
    record SheetResponse(
            long line,
            String session,
            LocalDate on,
            Optional<Occasion> occasion,
            Move move,
            Noted noted,
            String where,
            Optional<Integer> pain,
            Optional<Integer> done,
            Optional<Integer> asked,
            Optional<BigDecimal> kilograms,
            String note) {}

    /** A line that is not taken in. */
    /** Everything read. */
    record SheetRead(List<SheetSession> sessions, List<SheetResponse> responses, List<RefusedLine> refused) {}

    SheetRead read(String file) {
        if (file.replace("\uFEFF", "").isBlank()) {
            return nothing("spreadsheet.empty");
        }
        try (CSVParser parser = CsvText.open(file)) {
            List<String> columns = parser.getHeaderNames().stream()
                    .map(name -> name.toLowerCase(Locale.ROOT))
                    .toList();
            boolean responses = columns.contains(SheetColumns.NOTED);
            List<String> missing =
                    new ArrayList<>(responses ? SheetColumns.NEEDED_OF_RESPONSES : SheetColumns.NEEDED_OF_SESSIONS);
            missing.removeAll(columns);
            if (!missing.isEmpty()) {
                return nothing("csv.columns", String.join(", ", missing));
            }
            return responses
                    ? new SheetRead(List.of(), lines(parser, this::response), List.copyOf(refused))
                    : new SheetRead(sessions(lines(parser, this::exercise)), List.of(), List.copyOf(refused));
        } catch (IOException | IllegalArgumentException | UncheckedIOException broken) {
            return nothing("csv.broken");
        }
    }

    private static SheetRead nothing(String key, Object... told) {
        return new SheetRead(List.of(), List.of(), List.of(new RefusedLine(1, List.of(Problem.of("file", key, told)))));
    }

    /** A line as it is read. */
    private record SheetLine(CSVRecord cells, long number, FormReader typed) {
        String at(String column) {
            return cells.isMapped(column) && cells.isSet(column) ? CsvText.plain(cells.get(column)) : "";
        }

        /** {@code front of pelvis} as {@code FRONT_OF_PELVIS}. */
        String name(String column) {
            return at(column).strip().toUpperCase(Locale.ROOT).replace(' ', '_');
        }

        Optional<Integer> whole(String column, int least, int most) {
            return typed.whole(column, at(column), least, most);
        }
    }

    private <T> List<T> lines(CSVParser parser, Function<SheetLine, Optional<T>> one) {
        List<T> all = new ArrayList<>();
        for (CSVRecord cells : parser) {
            SheetLine line = new SheetLine(cells, parser.getCurrentLineNumber(), new FormReader());
            if (cells.getRecordNumber() > MOST_LINES) {
                line.typed().refuse("file", "csv.tooMany", MOST_LINES);
                refused.add(new RefusedLine(line.number(), line.typed().problems()));
                break;
            }
            Optional<T> read = one.apply(line);
            if (line.typed().isClean() && read.isPresent()) {
                all.add(read.get());
            } else {
                refused.add(new RefusedLine(line.number(), line.typed().problems()));
            }
        }
        return all;
    }

    private Optional<Move> move(SheetLine line) {
        String name =
                line.typed().requiredText(SheetColumns.EXERCISE, line.at(SheetColumns.EXERCISE), LONGEST_TOLD * 2);
        Optional<Move> found = Optional.ofNullable(moves.get(name.toLowerCase(Locale.ROOT)));
        if (found.isEmpty() && line.typed().isClean()) {
            line.typed().refuse(SheetColumns.EXERCISE, "spreadsheet.exercise", name);
        }
        return found;
    }

    private Optional<LocalDate> day(SheetLine line, String column) {
        return line.typed()
                .requiredDate(column, line.at(column))
                .flatMap(day -> line.typed().pastDate(column, day.toString(), today));
    }

    private static Optional<Occasion> occasion(SheetLine line) {
        return line.typed().choice(SheetColumns.OCCASION, line.name(SheetColumns.OCCASION), Occasion.class);
    }

    private record ExerciseOf(SheetHead head, SheetExercise exercise) {}

    private Optional<ExerciseOf> exercise(SheetLine line) {
        Optional<LocalDate> planned = day(line, SheetColumns.PLANNED_ON);
        Optional<LocalDate> taught =
                line.typed().pastDate(SheetColumns.TAUGHT_ON, line.at(SheetColumns.TAUGHT_ON), today);
        Optional<Occasion> occasion = occasion(line);
        Optional<Place> place = line.typed().choice(SheetColumns.PLACE, line.name(SheetColumns.PLACE), Place.class);
        Optional<Integer> minutes = line.whole(SheetColumns.MINUTES, 1, MOST_MINUTES);
        Optional<Move> move = move(line);
        Optional<Side> side = line.typed().choice(SheetColumns.SIDE, line.name(SheetColumns.SIDE), Side.class);
        Optional<Dose> dose = dose(line, side.orElse(Side.BOTH));
        if (planned.isPresent()
                && taught.filter(day -> day.isBefore(planned.get())).isPresent()) {
            line.typed().refuse(SheetColumns.TAUGHT_ON, "spreadsheet.taughtBefore", planned.get());
        }
        if (planned.isEmpty() || move.isEmpty() || dose.isEmpty()) {
            return Optional.empty();
        }
        SheetHead head = new SheetHead(
                line.at(SheetColumns.SESSION),
                planned.get(),
                taught,
                occasion.orElse(Occasion.STUDIO),
                place.orElse(occasion.filter(Occasion.HOME::equals).isPresent() ? Place.HOME : Place.STUDIO),
                minutes);
        return Optional.of(
                new ExerciseOf(head, new SheetExercise(line.number(), move.get(), side.orElse(Side.BOTH), dose.get())));
    }

    private static Optional<Dose> dose(SheetLine line, Side side) {
        int sets = line.whole(SheetColumns.SETS, 1, MOST_SETS).orElse(1);
        int repetitions =
                line.whole(SheetColumns.REPETITIONS, 1, MOST_REPETITIONS).orElse(1);
        int hold = line.whole(SheetColumns.HOLD_S, 0, MOST_HOLD_S).orElse(0);
        int breaths = line.whole(SheetColumns.BREATHS, 0, MOST_BREATHS).orElse(0);
        int rest = line.whole(SheetColumns.REST_S, 0, MOST_REST_S).orElse(0);
        if (hold > 0 && breaths > 0) {
            line.typed().refuse(SheetColumns.BREATHS, "spreadsheet.holdOrBreaths");
        }
        return line.typed().isClean()
                ? Optional.of(new Dose(sets, repetitions, hold, breaths, rest, side == Side.LEFT || side == Side.RIGHT))
                : Optional.empty();
    }

    private static List<SheetSession> sessions(List<ExerciseOf> all) {
        Map<SheetHead, List<SheetExercise>> bySession = new LinkedHashMap<>();
        all.forEach(one ->
                bySession.computeIfAbsent(one.head(), none -> new ArrayList<>()).add(one.exercise()));
        return bySession.entrySet().stream()
                .map(one -> new SheetSession(one.getKey(), List.copyOf(one.getValue())))
                .toList();
    }

    private Optional<SheetResponse> response(SheetLine line) {
        Optional<LocalDate> on = day(line, SheetColumns.ON);
        Optional<Occasion> occasion = occasion(line);
        Optional<Move> move = move(line);
        Optional<Noted> noted = noted(line);
        noted.ifPresent(told -> checkWhere(line, told));
        Optional<Integer> pain = line.whole(SheetColumns.PAIN, 0, MOST_PAIN);
        Optional<Integer> done = line.whole(SheetColumns.DONE, 0, MOST_COUNTED);
        Optional<Integer> asked = line.whole(SheetColumns.OF_ASKED, 1, MOST_COUNTED);
        if (pain.isPresent() && noted.isPresent() && noted.get() != Noted.HURT) {
            line.typed()
                    .refuse(
                            SheetColumns.PAIN,
                            "spreadsheet.painAlone",
                            noted.get().words());
        }
        Optional<BigDecimal> kilograms =
                Loads.read(line.typed(), SheetColumns.KILOGRAMS, line.at(SheetColumns.KILOGRAMS));
        String note = line.typed().text(SheetColumns.NOTE, line.at(SheetColumns.NOTE), LONGEST_NOTE);
        if (noted.filter(Noted.NOTE::equals).isPresent() && note.isEmpty()) {
            line.typed().refuse(SheetColumns.NOTE, "typed.missing");
        }
        if (on.isEmpty() || move.isEmpty() || noted.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new SheetResponse(
                line.number(),
                line.at(SheetColumns.SESSION),
                on.get(),
                occasion,
                move.get(),
                noted.get(),
                line.name(SheetColumns.WHERE),
                pain,
                done,
                asked,
                kilograms,
                note));
    }

    private static Optional<Noted> noted(SheetLine line) {
        String told = line.typed().requiredText(SheetColumns.NOTED, line.at(SheetColumns.NOTED), LONGEST_TOLD);
        Optional<Noted> found = Noted.named(told);
        if (found.isEmpty() && !told.isBlank()) {
            line.typed()
                    .refuse(
                            SheetColumns.NOTED,
                            "spreadsheet.noted",
                            told,
                            Arrays.stream(Noted.values()).map(Noted::words).collect(Collectors.joining(", ")));
        }
        return found;
    }

    private static void checkWhere(SheetLine line, Noted told) {
        String where = line.name(SheetColumns.WHERE);
        boolean known = where.isEmpty()
                || told == Noted.HURT && PainSite.named(where).isPresent()
                || told == Noted.TOOK_OVER && CompensationSite.named(where).isPresent();
        if (!known) {
            line.typed().refuse(SheetColumns.WHERE, "spreadsheet.where", line.at(SheetColumns.WHERE), told.words());
        }
    }
}
