package openbloom.app.classes;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import openbloom.app.checks.SafetyService;
import openbloom.app.moves.Judgements;
import openbloom.app.people.RecordReader;
import openbloom.app.people.StageStrip;
import openbloom.app.people.Woman;
import openbloom.app.program.Programs;
import openbloom.app.session.SessionDocument;
import openbloom.app.session.Sessions;
import openbloom.app.session.TeachingMapper;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.StudioDay;
import openbloom.core.classes.ClassComposer;
import openbloom.core.classes.ClassMember;
import openbloom.core.classes.ClassRequest;
import openbloom.core.classes.ClassSheet;
import openbloom.core.moves.Equipment;
import openbloom.core.record.Occasion;
import openbloom.core.session.Format;
import openbloom.core.session.Place;
import openbloom.core.session.SessionItem;
import openbloom.core.session.SessionRequest;
import openbloom.core.verdict.Judgement;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Sheets of classes: composed for those who come today, kept, and each woman's part kept as a session of hers. */
@Service
public class ClassSheets {
    private static final Logger LOG = LoggerFactory.getLogger(ClassSheets.class);

    private final TeachingMapper teachings;
    private final Sessions sessions;
    private final Judgements judgements;
    private final Programs programs;
    private final SafetyService safety;
    private final RecordReader records;
    private final StudioDay day;
    private final JsonMapper json;

    ClassSheets(
            TeachingMapper teachings,
            Sessions sessions,
            Judgements judgements,
            Programs programs,
            SafetyService safety,
            RecordReader records,
            StudioDay day,
            JsonMapper json) {
        this.teachings = teachings;
        this.sessions = sessions;
        this.judgements = judgements;
        this.programs = programs;
        this.safety = safety;
        this.records = records;
        this.day = day;
        this.json = json;
    }

    /** A kept sheet, and whose session is which. */
    public record KeptSheet(
            TeachingMapper.StoredTeaching teaching, ClassSheetDocument sheet, Map<Long, TeachingMapper.PartOf> parts) {
        /** Whether everybody's part is finished. */
        public boolean isTaught() {
            return !parts.isEmpty() && parts.values().stream().allMatch(TeachingMapper.PartOf::finished);
        }
    }

    /** Latest first. */
    List<KeptSheet> of(SignedIn me, StudioClass kept, int most) {
        return teachings.ofClass(me.studioId(), kept.id(), most).stream()
                .map(this::read)
                .toList();
    }

    /** One of the studio's own; empty for everybody else's, and for what is no class. */
    public Optional<KeptSheet> find(SignedIn me, long teachingId) {
        return teachings
                .find(me.studioId(), teachingId)
                .filter(teaching -> teaching.occasion() == Occasion.CLASS)
                .map(this::read);
    }

    private KeptSheet read(TeachingMapper.StoredTeaching teaching) {
        Map<Long, TeachingMapper.PartOf> parts = new HashMap<>();
        teachings.parts(teaching.id()).forEach(part -> parts.put(part.womanId(), part));
        try {
            return new KeptSheet(teaching, json.readValue(teaching.sheet(), ClassSheetDocument.class), parts);
        } catch (JacksonException | IllegalArgumentException unreadable) {
            LOG.error("Class sheet {} cannot be read: {}", teaching.id(), unreadable.getMessage());
            return new KeptSheet(teaching, ClassSheetDocument.UNREADABLE, parts);
        }
    }

    /**
     * Composes for those who come; who was not asked today, or is stopped, takes no part, and the sheet says so.
     *
     * @param today the day it is for
     * @return the number of the teaching; empty where nobody can come together, with the sheet that says why
     */
    @Transactional
    public Composed compose(SignedIn me, StudioClass kept, List<Woman> coming, LocalDate today) {
        List<ClassMember> members = new ArrayList<>();
        List<ClassSheet.CannotCome> unasked = new ArrayList<>();
        Map<String, Woman> byName = new HashMap<>();
        Optional<ClassSheetDocument> before = of(me, kept, 1).stream()
                .filter(sheet -> sheet.teaching().plannedOn().isBefore(today))
                .map(KeptSheet::sheet)
                .findFirst();
        for (Woman woman : coming) {
            String name = called(woman, coming);
            if (safety.isAskedOn(woman, today)) {
                members.add(member(kept, woman, name, today, restedIn(before, woman)));
                byName.put(name, woman);
            } else {
                unasked.add(new ClassSheet.CannotCome(
                        name,
                        ClassSheet.CannotComeKind.NOT_ASKED,
                        "Not asked today: ask, and compose again.",
                        List.of()));
            }
        }
        ClassSheet sheet = members.isEmpty()
                ? ClassSheet.nobody(unasked)
                : ClassComposer.compose(new ClassRequest(kept.time().minutes(), members))
                        .withoutThese(unasked);
        if (sheet.items().isEmpty()) {
            return new Composed(Optional.empty(), sheet);
        }
        List<Woman> taking = sheet.members().stream()
                .map(member -> byName.get(member.name()))
                .toList();
        return new Composed(Optional.of(keep(me, kept, sheet, taking, today)), sheet);
    }

    /** What came of composing. */
    public record Composed(Optional<Long> teachingId, ClassSheet sheet) {}

    private long keep(SignedIn me, StudioClass kept, ClassSheet sheet, List<Woman> taking, LocalDate today) {
        List<ClassSheetDocument.MemberLine> told = IntStream.range(0, taking.size())
                .mapToObj(at -> told(taking.get(at), sheet.members().get(at), today))
                .toList();
        ClassSheetDocument document = ClassSheetDocument.of(sheet, kept.time().minutes(), told);
        long teaching = teachings.insert(
                new TeachingMapper.StoredTeaching(
                        0, me.studioId(), Occasion.CLASS, kept.id(), today, json.writeValueAsString(document)),
                me.accountId(),
                day.instant());
        for (int at = 0; at < taking.size(); at++) {
            sessions.keep(
                    me.account(),
                    taking.get(at),
                    sheet.members().get(at).judgement(),
                    partOf(kept, sheet, at),
                    new Sessions.PartOfTeaching(
                            teaching,
                            Occasion.CLASS,
                            kept.time().minutes(),
                            Place.STUDIO,
                            UUID.randomUUID().toString()));
        }
        return teaching;
    }

    /** What one of them does of it. */
    static SessionDocument partOf(StudioClass kept, ClassSheet sheet, int member) {
        List<SessionItem> hers = IntStream.range(0, sheet.lines().size())
                .mapToObj(line -> sheet.lineOf(line, member))
                .flatMap(Optional::stream)
                .toList();
        return SessionDocument.partOf(
                hers,
                sheet.changes(),
                "In the class “" + kept.name() + "”.",
                sheet.members().get(member).judgement());
    }

    /** A woman of a class as she is on a day, with the kit of its room. */
    ClassMember member(StudioClass kept, Woman woman, String name, LocalDate today, int rested) {
        Set<Equipment> kit = kept.kit();
        Judgement judgement = judgements.in(woman, today, kit);
        return new ClassMember(
                name,
                judgement,
                SessionRequest.of(kept.time().minutes(), Place.STUDIO, today.toEpochDay(), sessions.history(woman.id()))
                        .in(Format.of(Format.FormatKind.SETS))
                        .wanting(programs.wishesOn(woman, judgement))
                        .gently(judgement.facts().client().hasLowDay()),
                rested);
    }

    /** In how many exercises of a sheet she rested while the others worked. */
    private static int restedIn(Optional<ClassSheetDocument> sheet, Woman woman) {
        return sheet.map(one -> one.restsOf(woman.id())).orElse(0);
    }

    private ClassSheetDocument.MemberLine told(Woman woman, ClassMember member, LocalDate today) {
        StageStrip strip = records.stripOn(woman, today);
        return new ClassSheetDocument.MemberLine(
                woman.id(), member.name(), strip.now().where(), member.begins(), strip.cautions());
    }

    /** Her first name, where no other of the class has it; else her whole name; a number where even that is shared. */
    private static String called(Woman woman, List<Woman> coming) {
        String first = first(woman);
        boolean shared = coming.stream()
                .anyMatch(other -> other.id() != woman.id() && first(other).equals(first));
        if (!shared) {
            return first;
        }
        boolean sameName = coming.stream()
                .anyMatch(other -> other.id() != woman.id() && other.name().equals(woman.name()));
        return sameName ? woman.name() + " (" + woman.id() + ")" : woman.name();
    }

    private static String first(Woman woman) {
        return woman.name().strip().split("\\s+")[0];
    }
}
