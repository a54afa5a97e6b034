package openbloom.app.program;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import openbloom.app.moves.Judgements;
import openbloom.app.people.Woman;
import openbloom.app.session.WantedMoves;
import openbloom.app.session.WantedMoves.WishKind;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.StudioDay;
import openbloom.core.Problem;
import openbloom.core.program.PathwayStepEdit;
import openbloom.core.program.Pathways;
import openbloom.core.record.Goal;
import openbloom.core.session.Place;
import org.springframework.stereotype.Service;

/** The ways ahead of a woman, generated from her facts, with what her instructor made of their steps. */
@Service
class PathwayService {
    private final Programs programs;
    private final PathwayMapper mapper;
    private final Judgements judgements;
    private final WantedMoves wanted;
    private final StudioDay day;

    PathwayService(Programs programs, PathwayMapper mapper, Judgements judgements, WantedMoves wanted, StudioDay day) {
        this.programs = programs;
        this.mapper = mapper;
        this.judgements = judgements;
        this.wanted = wanted;
        this.day = day;
    }

    /** Those of a day, edited. */
    List<Pathways.Path> of(Woman woman, LocalDate today) {
        return PathwayStepEdit.made(generated(woman, today), edits(woman));
    }

    /** @return what is wrong; nothing was kept then */
    Optional<Problem> edit(SignedIn me, Woman woman, PathwayStepEdit edit) {
        LocalDate today = day.today(me);
        Optional<Problem> problem = edit.check(generated(woman, today));
        if (problem.isEmpty()) {
            PathwayMapper.PathwayRow row = new PathwayMapper.PathwayRow(
                    edit.path(), edit.step(), edit.kind(), edit.to().orElse(null), edit.note());
            mapper.insert(woman.id(), row, today, me.accountId(), day.instant());
        }
        return problem;
    }

    private List<Pathways.Path> generated(Woman woman, LocalDate today) {
        return Pathways.of(
                judgements.of(woman, today, Place.STUDIO), since(woman, today), wanted.ids(woman.id(), WishKind.USUAL));
    }

    /** Since when each aim of her last block has been hers without a break; those her record suggests where there is none. */
    private Map<Goal, LocalDate> since(Woman woman, LocalDate today) {
        List<Programs.KeptProgram> kept = programs.of(woman.id());
        List<Goal> aims =
                kept.isEmpty() ? List.of() : ProgramForm.aimsOf(kept.get(0).row());
        Map<Goal, LocalDate> since = new EnumMap<>(Goal.class);
        (aims.isEmpty() ? programs.suggestedOn(woman, today) : aims).forEach(aim -> since.put(aim, today));
        for (Goal aim : aims) {
            for (Programs.KeptProgram block : kept) {
                if (!ProgramForm.aimsOf(block.row()).contains(aim)) {
                    break;
                }
                since.put(aim, block.row().madeOn());
            }
        }
        return since;
    }

    private List<PathwayStepEdit> edits(Woman woman) {
        return mapper.of(woman.id()).stream()
                .flatMap(row -> Optional.ofNullable(row.kind())
                        .map(kind -> new PathwayStepEdit(
                                row.path(), row.step(), kind, Optional.ofNullable(row.movedTo()), row.note()))
                        .stream())
                .toList();
    }
}
