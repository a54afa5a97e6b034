package openbloom.app.program;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import openbloom.app.moves.Catalogues;
import openbloom.app.people.Woman;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.picture.LadderBeads;
import org.springframework.stereotype.Component;

/** The ladders of a block as beads, by the file name of their group. */
@Component
class LadderPictures {
    private final Catalogues catalogues;

    LadderPictures(Catalogues catalogues) {
        this.catalogues = catalogues;
    }

    /** None of what has no levels to earn. */
    Map<String, String> of(Woman woman, ProgramDocument block) {
        Catalogue catalogue = catalogues.of(woman.studioId());
        Map<String, String> beads = new HashMap<>();
        for (ProgramDocument.LineTold line : block.lines()) {
            Arrays.stream(ExerciseGroup.values())
                    .filter(group -> group.fileName().equals(line.strand()) && line.isEarned())
                    .filter(group -> line.rung() <= catalogue.topRung(group))
                    .forEach(group ->
                            beads.put(line.strand(), LadderBeads.of(group, levels(line, catalogue.topRung(group)))));
        }
        return beads;
    }

    private static LadderBeads.Levels levels(ProgramDocument.LineTold line, int top) {
        int likely = line.expected().stream().mapToInt(Integer::intValue).max().orElse(line.rung());
        return new LadderBeads.Levels(line.rung(), Math.min(top, Math.max(line.rung(), likely)), top, line.isHeld());
    }
}
