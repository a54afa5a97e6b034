package openbloom.app.program;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import openbloom.app.moves.Judgements;
import openbloom.app.people.Woman;
import openbloom.app.session.WantedMoves;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.StudioDay;
import openbloom.core.Problem;
import openbloom.core.program.Aim;
import openbloom.core.program.PathEdit;
import openbloom.core.program.Paths;
import openbloom.core.session.Place;
import org.springframework.stereotype.Service;

/** The ways ahead of a woman, generated from her facts, with what her instructor made of their steps. */
@Service
class Ways {
    private final Programs programs;
    private final PathMapper mapper;
    private final Judgements judgements;
    private final WantedMoves wanted;
    private final StudioDay day;

    Ways(Programs programs, PathMapper mapper, Judgements judgements, WantedMoves wanted, StudioDay day) {
        this.programs = programs;
        this.mapper = mapper;
        this.judgements = judgements;
        this.wanted = wanted;
        this.day = day;
    }

    /** Those of a day, edited. */
    List<Paths.Path> of(Woman woman, LocalDate today) {
        return PathEdit.made(generated(woman, today), edits(woman));
    }

    /** @return what is wrong; nothing was kept then */
    Optional<Problem> edit(SignedIn me, Woman woman, PathEdit edit) {
        LocalDate today = day.today(me);
        Optional<Problem> problem = edit.check(generated(woman, today));
        if (problem.isEmpty()) {
            PathMapper.Row row = new PathMapper.Row(
                    edit.path(), edit.step(), edit.kind(), edit.to().orElse(null), edit.note());
            mapper.insert(woman.id(), row, today, me.accountId(), day.instant());
        }
        return problem;
    }

    private List<Paths.Path> generated(Woman woman, LocalDate today) {
        return Paths.of(
                judgements.of(woman, today, Place.STUDIO),
                since(woman, today),
                wanted.ids(woman.id(), WantedMoves.Kind.USUAL));
    }

    /** Since when each aim of her last block has been hers without a break; those her record suggests where there is none. */
    private Map<Aim, LocalDate> since(Woman woman, LocalDate today) {
        List<Programs.Kept> kept = programs.of(woman.id());
        List<Aim> aims =
                kept.isEmpty() ? List.of() : ProgramForm.aimsOf(kept.get(0).row());
        Map<Aim, LocalDate> since = new EnumMap<>(Aim.class);
        (aims.isEmpty() ? programs.suggestedOn(woman, today) : aims).forEach(aim -> since.put(aim, today));
        for (Aim aim : aims) {
            for (Programs.Kept block : kept) {
                if (!ProgramForm.aimsOf(block.row()).contains(aim)) {
                    break;
                }
                since.put(aim, block.row().madeOn());
            }
        }
        return since;
    }

    private List<PathEdit> edits(Woman woman) {
        return mapper.of(woman.id()).stream()
                .flatMap(row -> Optional.ofNullable(row.kind())
                        .map(kind -> new PathEdit(
                                row.path(), row.step(), kind, Optional.ofNullable(row.movedTo()), row.note()))
                        .stream())
                .toList();
    }
}
