package openbloom.core.figure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import openbloom.core.Outcome;
import openbloom.core.Problem;
import openbloom.core.Yaml;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.node.ObjectNode;

/** Poses of a studio's own; what each refused one does wrong is said beside it. */
class OwnPoseTest {
    private static final Figures FIGURES = Figures.shipped();

    private static ObjectNode entry(String yaml) {
        return Yaml.MAPPER.readValue(yaml, ObjectNode.class);
    }

    @ParameterizedTest(name = "{2} at {1}: {0}")
    @CsvSource(delimiter = '|', textBlock = """
            {from: nowhere}                                                                      | pose.from       | pose.unknown
            {trunk: 180, rests: [back], arms: {first: 0, second: 0}}                             | pose.near       | pose.limb
            {rests: [back], legs: {first: 0, second: 0}, arms: {first: 0, second: 0}}            | pose.trunk      | pose.missing
            {from: hooklying, props: [{kind: trampoline}]}                                       | pose.props.kind | move.word
            {from: hooklying, near: {first: 90, second: -75}}                                    | pose.near       | pose.bend
            {from: hooklying, near: {first: 30, second: 80}}                                     | pose.near       | pose.backwards
            {from: hooklying, near: {first: 160, second: 90}}                                    | pose.near       | pose.hip
            {from: hooklying, near: {to: [0.9, 0]}}                                              | pose.near       | pose.short
            {from: hooklying, near: {first: -40, second: -40}}                                   | pose.rests      | pose.through
            {from: standing, hips: 0.7}                                                          | pose.rests      | pose.floats
            {from: hooklying, trunk: 500}                                                        | pose.trunk      | pose.number
            {from: hooklying, near: {to: [0.3]}}                                                 | pose.near.to    | pose.place
            {from: hooklying, knees: 30}                                                         | pose            | yaml.broken
            """)
    void refusesWhatNoBodyCanDoAndSaysWhere(String yaml, String field, String key) {
        assertThat(FIGURES.own("pose", entry(yaml)).problems())
                .anySatisfy(problem ->
                        assertThat(List.of(problem.field(), problem.key())).containsExactly(field, key));
    }

    /** A leg lifted in one-foot float from where it is: the shank level, the thigh upright, as the shipped pose has it. */
    @Test
    void turnsTheJointsOfAFigureAndDrawsThem() {
        assertThat(FIGURES.turned("hooklying", FIGURES.joints("hooklying")))
                .as("nothing turned is the figure itself")
                .containsOnlyKeys("from");
        Map<String, Object> turned = FIGURES.turned("hooklying", Map.of(Joint.NEAR_THIGH, 92, Joint.NEAR_SHANK, -2));
        assertThat(turned).containsOnlyKeys("from", "near");
        ObjectNode written = Yaml.MAPPER.convertValue(turned, ObjectNode.class);
        OwnPose pose = FIGURES.own("pose", written).value();
        assertThat(OwnPoses.measured(pose.pose()))
                .containsEntry(Joint.NEAR_THIGH, 92)
                .containsEntry(Joint.NEAR_SHANK, -2)
                .containsEntry(Joint.FAR_THIGH, FIGURES.joints("hooklying").get(Joint.FAR_THIGH));
        assertThat(FIGURES.picture("hooklying", look(Optional.of(pose))))
                .isNotEqualTo(FIGURES.picture("hooklying", look(Optional.empty())));
        assertThat(FIGURES.startAndEnd("hooklying", look(Optional.of(pose)))).hasSize(2);
    }

    /** What is measured is what is drawn: every shipped figure, turned to its own directions, passes the same check. */
    @Test
    void findsNothingWrongWithTheShippedFigures() {
        List<Problem> wrong = FIGURES.ids().stream()
                .map(id -> FIGURES.own(id, Yaml.MAPPER.convertValue(FIGURES.turned(id, Map.of()), ObjectNode.class)))
                .map(Outcome::problems)
                .flatMap(List::stream)
                .toList();
        assertThat(wrong).isEmpty();
    }

    private static FigureStyle look(Optional<OwnPose> own) {
        return new FigureStyle(BodyStage.NEITHER, false, "#3F6B57", "Move", "", Set.of(), own);
    }
}
