package openbloom.app.moves;

import java.util.Map;
import openbloom.core.Outcome;
import openbloom.core.figure.Figures;
import openbloom.core.figure.Joint;
import openbloom.core.figure.OwnPose;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Poses of a studio's own: a shipped figure with joints turned. */
@Service
class StudioPoses {
    private final Figures figures;
    private final JsonMapper json;

    StudioPoses(Figures figures, JsonMapper json) {
        this.figures = figures;
        this.json = json;
    }

    Map<Joint, Integer> joints(String figure) {
        return figures.joints(figure);
    }

    /** What a file says for it; only {@code from} if nothing is turned. */
    Map<String, Object> turned(String figure, Map<Joint, Integer> joints) {
        return figures.turned(figure, joints);
    }

    Outcome<OwnPose> read(Map<String, Object> entry) {
        return figures.own("pose", json.convertValue(entry, ObjectNode.class));
    }
}
