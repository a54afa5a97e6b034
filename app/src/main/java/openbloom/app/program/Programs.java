package openbloom.app.program;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;
import openbloom.app.moves.Judgements;
import openbloom.app.people.Woman;
import openbloom.app.session.WantedMoves;
import openbloom.app.session.WantedMoves.WishKind;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.ColumnCodec;
import openbloom.app.system.StudioDay;
import openbloom.core.Problem;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.program.BlockPlanner;
import openbloom.core.program.Goals;
import openbloom.core.program.Program;
import openbloom.core.program.Rhythm;
import openbloom.core.record.Goal;
import openbloom.core.session.Place;
import openbloom.core.session.PlannedDay;
import openbloom.core.session.Wishes;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.RuleBook;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Makes blocks, keeps every version, and says what has changed since the last was made. */
@Service
public class Programs {
    private static final Logger LOG = LoggerFactory.getLogger(Programs.class);

    private final ProgramMapper mapper;
    private final Judgements judgements;
    private final WantedMoves wanted;
    private final StudioDay day;
    private final JsonMapper json;

    Programs(ProgramMapper mapper, Judgements judgements, WantedMoves wanted, StudioDay day, JsonMapper json) {
        this.wanted = wanted;
        this.mapper = mapper;
        this.judgements = judgements;
        this.day = day;
        this.json = json;
    }

    /** A kept program; the document is empty when it is written in a way this version does not understand. */
    public record KeptProgram(StoredProgram row, Optional<ProgramDocument> document) {
        /** The session planned for a day. */
        public Optional<ProgramDocument.SessionTold> on(LocalDate date) {
            return document.flatMap(block -> block.sessionOn(date));
        }
    }

    /** Latest first. */
    public List<KeptProgram> of(long womanId) {
        return mapper.of(womanId).stream().map(this::read).toList();
    }

    /** The one that counts; earlier ones are not read. */
    public Optional<KeptProgram> latest(long womanId) {
        return mapper.of(womanId).stream().findFirst().map(this::read);
    }

    private KeptProgram read(StoredProgram row) {
        return new KeptProgram(row, document(row.id(), row.document()));
    }

    private Optional<ProgramDocument> document(long id, String text) {
        try {
            return Optional.of(json.readValue(text, ProgramDocument.class));
        } catch (JacksonException unreadable) {
            LOG.error("Program {} cannot be read: {}", id, unreadable.getMessage());
            return Optional.empty();
        }
    }

    /** The latest blocks of several women; a woman without one, or with one that cannot be read, is not in it. */
    public Map<Long, ProgramDocument> latestOf(List<Long> womanIds) {
        Map<Long, ProgramDocument> latest = new HashMap<>();
        if (!womanIds.isEmpty()) {
            mapper.latestOf(womanIds)
                    .forEach(row -> document(row.womanId(), row.document())
                            .ifPresent(block -> latest.put(row.womanId(), block)));
        }
        return latest;
    }

    /** What the latest blocks of several women plan for a day; a woman without a session that day is not in it. */
    public Map<Long, ProgramDocument.SessionTold> plannedOn(List<Long> womanIds, LocalDate date) {
        Map<Long, ProgramDocument.SessionTold> planned = new HashMap<>();
        latestOf(womanIds)
                .forEach((womanId, block) -> block.sessionOn(date).ifPresent(session -> planned.put(womanId, session)));
        return planned;
    }

    /**
     * What a session of a day is for: the aims of her latest block, or those her record suggests; due is what the block plans
     * for that day, or everything wanted where it plans nothing.
     */
    public Wishes wishesOn(Woman woman, LocalDate date) {
        return wishesOn(woman, date, () -> suggestedOn(woman, date));
    }

    /** The same for whoever has her record read already. */
    public Wishes wishesOn(Woman woman, Judgement judgement) {
        return wishesOn(
                woman,
                judgement.facts().day(),
                () -> Goals.suggest(judgement.facts()).stream()
                        .map(Goals.Suggested::aim)
                        .toList());
    }

    private Wishes wishesOn(Woman woman, LocalDate date, Supplier<List<Goal>> suggested) {
        Optional<KeptProgram> last = latest(woman.id());
        List<Goal> aims = last.map(block -> ProgramForm.aimsOf(block.row()))
                .filter(told -> !told.isEmpty())
                .orElseGet(suggested);
        Map<ExerciseGroup, Integer> worth = new EnumMap<>(ExerciseGroup.class);
        worth.putAll(Goals.worth(aims));
        PlannedDay planned = last.flatMap(KeptProgram::document)
                .map(block -> block.plannedOn(date))
                .orElse(PlannedDay.NONE);
        return new Wishes(
                aims,
                worth,
                planned.groups().isEmpty() ? worth.keySet() : planned.groups(),
                Set.copyOf(wanted.ids(woman.id(), WishKind.PIN)),
                Set.copyOf(wanted.ids(woman.id(), WishKind.BAN)),
                wanted.ids(woman.id(), WishKind.USUAL),
                planned);
    }

    List<Goals.Suggested> suggested(Woman woman, LocalDate today) {
        return Goals.suggest(judgements.of(woman, today, Place.STUDIO).facts());
    }

    /** The aims that a woman's record suggested on a day. */
    public List<Goal> suggestedOn(Woman woman, LocalDate date) {
        return suggested(woman, date).stream().map(Goals.Suggested::aim).toList();
    }

    /** Makes a block from today on and keeps it beside the earlier ones. */
    public void make(SignedIn me, Woman woman, LocalDate today, List<Goal> aims, Rhythm rhythm, String formKey) {
        Judgement judgement = judgements.of(woman, today, Place.STUDIO);
        Program program = BlockPlanner.plan(judgement, aims, rhythm);
        String chosen = ColumnCodec.lines(
                program.aims().stream().map(told -> told.aim().name()).toList());
        mapper.insert(
                new ProgramMapper.NewProgram(
                        woman.id(), formKey, today, me.accountId(), day.instant(), RuleBook.VERSION),
                new StoredProgram(
                        0,
                        today,
                        me.account().name(),
                        chosen,
                        new StoredProgram.StoredRhythm(
                                rhythm.visitsPerWeek(),
                                ColumnCodec.constants(rhythm.homeDays()),
                                rhythm.homeMinutes(),
                                KeptVisits.write(rhythm.visits()),
                                rhythm.walksNow().isPresent()
                                        ? rhythm.walksNow().getAsInt()
                                        : null),
                        json.writeValueAsString(ProgramDocument.of(program, judgement))));
    }

    /** The days of the block that would be made today. */
    LocalDate lastDay(Woman woman, LocalDate today) {
        return BlockPlanner.lastDay(judgements.of(woman, today, Place.STUDIO).facts());
    }

    /**
     * Moves a session of a block to another day, or leaves it out; the block as it was stays beside it.
     *
     * @param to empty to leave it out
     * @return what is wrong, by field; empty when it was kept
     */
    List<Problem> moveSession(
            SignedIn me, Woman woman, KeptProgram last, LocalDate from, Optional<LocalDate> to, String formKey) {
        ProgramDocument block = last.document().orElseThrow();
        Optional<ProgramDocument.SessionTold> session = last.on(from);
        if (session.isEmpty()) {
            return List.of(Problem.of("from", "program.noSession"));
        }
        if (to.filter(day -> day.isBefore(block.from()) || day.isAfter(block.to()))
                .isPresent()) {
            return List.of(Problem.of("to", "program.outside", block.from(), block.to()));
        }
        if (to.flatMap(last::on).isPresent()) {
            return List.of(Problem.of("to", "program.dayTaken"));
        }
        StoredProgram row = last.row();
        mapper.insert(
                new ProgramMapper.NewProgram(
                        woman.id(), formKey, day.today(me), me.accountId(), day.instant(), RuleBook.VERSION),
                new StoredProgram(
                        0,
                        day.today(me),
                        me.account().name(),
                        row.aims(),
                        row.rhythm(),
                        json.writeValueAsString(block.moved(session.get(), to))));
        return List.of();
    }

    /**
     * What would be otherwise if the last block were made anew today; empty while nothing it rests on has changed.
     *
     * @param told what came to it, as sentences
     * @param compared the block as planned beside the same made anew
     */
    record SinceMade(List<String> told, List<PlanCompared> compared) {
        static final SinceMade NOTHING = new SinceMade(List.of(), List.of());

        /** With what else came, told first. */
        SinceMade and(Optional<String> first) {
            return new SinceMade(Stream.concat(first.stream(), told.stream()).toList(), compared);
        }

        public boolean isEmpty() {
            return told.isEmpty() && compared.isEmpty();
        }
    }

    SinceMade since(Woman woman, KeptProgram last, LocalDate today) {
        if (last.document().isEmpty()) {
            return SinceMade.NOTHING;
        }
        Judgement judgement = judgements.of(woman, today, Place.STUDIO);
        StoredProgram row = last.row();
        Rhythm rhythm = new Rhythm(
                row.rhythm().visitsPerWeek(),
                ColumnCodec.known(row.rhythm().homeDays(), DayOfWeek.class),
                row.rhythm().homeMinutes(),
                ProgramForm.visitsOf(row),
                row.rhythm().walksNow() == null
                        ? OptionalInt.empty()
                        : OptionalInt.of(row.rhythm().walksNow()));
        List<Goal> aims = ProgramForm.aimsOf(row);
        Program now = BlockPlanner.plan(judgement, aims, rhythm);
        List<String> changes = new ArrayList<>();
        if (now.weeks().isEmpty()) {
            now.leftOut().forEach(left -> changes.add("Nothing may be done now: " + left.why()));
            return new SinceMade(changes, List.of());
        }
        Goals.suggest(judgement.facts()).stream()
                .filter(told -> !aims.contains(told.aim()) && told.aim() != Goal.KEEP_ACTIVE)
                .forEach(told ->
                        changes.add("Another aim suggests itself: " + told.aim().words() + " (" + told.why() + ")"));
        return new SinceMade(changes, PlanCompared.between(last.document().get(), ProgramDocument.of(now, judgement)));
    }
}
