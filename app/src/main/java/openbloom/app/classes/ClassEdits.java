package openbloom.app.classes;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import openbloom.app.moves.Catalogues;
import openbloom.app.people.People;
import openbloom.app.people.Woman;
import openbloom.app.session.SessionDocument;
import openbloom.app.session.SessionEdits;
import openbloom.app.session.Sessions;
import openbloom.app.session.TeachingMapper;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.StudioDay;
import openbloom.core.classes.ClassEdited;
import openbloom.core.classes.ClassMember;
import openbloom.core.classes.ClassOutline;
import openbloom.core.session.Format;
import openbloom.core.session.Outline;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Changes of a class sheet: each a version, and of each woman's part one beside it; taking one back is a version, too. */
@Service
class ClassEdits {
    private final TeachingVersionMapper rows;
    private final SessionEdits parts;
    private final Sessions sessions;
    private final ClassSheets sheets;
    private final People people;
    private final Catalogues catalogues;
    private final StudioDay day;
    private final JsonMapper json;

    ClassEdits(
            TeachingVersionMapper rows,
            SessionEdits parts,
            Sessions sessions,
            ClassSheets sheets,
            People people,
            Catalogues catalogues,
            StudioDay day,
            JsonMapper json) {
        this.rows = rows;
        this.parts = parts;
        this.sessions = sessions;
        this.sheets = sheets;
        this.people = people;
        this.catalogues = catalogues;
        this.day = day;
        this.json = json;
    }

    /**
     * A sheet that is changed.
     *
     * @param outline as it is kept
     * @param members as they are today, in the order of its columns
     */
    record OpenSheet(
            StudioClass in,
            ClassSheets.KeptSheet kept,
            ClassOutline outline,
            List<Woman> women,
            List<ClassMember> members) {}

    /** A sheet of today that nobody has finished; empty for every other. */
    Optional<OpenSheet> open(SignedIn me, StudioClass in, ClassSheets.KeptSheet kept) {
        if (kept.isTaught()
                || kept.sheet().members().isEmpty()
                || !kept.teaching().plannedOn().equals(day.today(me))) {
            return Optional.empty();
        }
        List<Woman> women = new ArrayList<>();
        List<ClassMember> members = new ArrayList<>();
        for (ClassSheetDocument.MemberLine told : kept.sheet().members()) {
            people.find(me, told.womanId()).ifPresent(woman -> {
                women.add(woman);
                members.add(sheets.member(in, woman, told.name(), day.today(me), 0));
            });
        }
        return members.size() < kept.sheet().members().size()
                ? Optional.empty()
                : Optional.of(
                        new OpenSheet(in, kept, kept.sheet().outline(catalogues.of(me.studioId())), women, members));
    }

    List<SessionEdits.PlanVersion> of(long teachingId) {
        return rows.of(teachingId);
    }

    SessionEdits.PlanVersion latest(long teachingId) {
        return rows.of(teachingId).stream().findFirst().orElse(SessionEdits.PlanVersion.COMPOSED);
    }

    /** Keeps a change with each woman's part; false when somebody else kept one since. */
    @Transactional
    boolean keep(SignedIn me, OpenSheet open, SessionEdits.PlanVersion seen, ClassEdited edited, String change) {
        ClassSheetDocument document = ClassSheetDocument.of(
                        edited.sheet(),
                        open.kept().sheet().minutes(),
                        open.kept().sheet().members())
                .changed(edited.outline(), open.kept().sheet().cannotCome());
        if (!insert(me, open.kept(), seen.next(change, day.instant()), json.writeValueAsString(document))) {
            return false;
        }
        for (int member = 0; member < open.women().size(); member++) {
            SessionDocument part =
                    ClassSheets.partOf(open.in(), edited.sheet(), member).written(hers(edited.outline(), member));
            planned(open.kept(), open.women().get(member))
                    .ifPresent(planned -> parts.keep(
                            me.account(), planned, parts.latest(planned.stored().id()), part, change));
        }
        return true;
    }

    /** Takes the last change back, if there is one; false when somebody else changed it since. */
    @Transactional
    boolean undo(SignedIn me, OpenSheet open, SessionEdits.PlanVersion seen) {
        long id = open.kept().teaching().id();
        if (!seen.canBeTakenBack()) {
            return false;
        }
        String sheet = seen.before() == 0 ? rows.composed(id) : rows.sheet(id, seen.before());
        if (!insert(me, open.kept(), seen.takenBack(rows.of(id), day.instant()), sheet)) {
            return false;
        }
        open.women()
                .forEach(woman -> planned(open.kept(), woman)
                        .ifPresent(planned -> parts.undo(
                                me, planned, parts.latest(planned.stored().id()))));
        return true;
    }

    private boolean insert(SignedIn me, ClassSheets.KeptSheet kept, SessionEdits.PlanVersion version, String sheet) {
        try {
            rows.insert(kept.teaching().id(), version, me.accountId(), sheet);
            return true;
        } catch (DuplicateKeyException overtaken) {
            return false;
        }
    }

    /** The lines in which she does something, with what was written beside them. */
    private static Outline hers(ClassOutline outline, int member) {
        return new Outline(
                outline.lines().stream()
                        .flatMap(line -> line.does().get(member).stream()
                                .map(move -> new Outline.OutlineLine(
                                        move, line.part(), line.dose(), 0, line.note(), line.because())))
                        .toList(),
                Format.of(Format.FormatKind.SETS));
    }

    private Optional<Sessions.ComposedFor> planned(ClassSheets.KeptSheet kept, Woman woman) {
        return Optional.ofNullable(kept.parts().get(woman.id()))
                .map(TeachingMapper.PartOf::sessionId)
                .flatMap(id -> sessions.find(woman, id));
    }
}
