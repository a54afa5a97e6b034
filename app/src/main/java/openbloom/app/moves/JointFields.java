package openbloom.app.moves;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Map;
import openbloom.core.figure.Joint;

/** Joints as an address or a form names them. */
final class JointFields {
    private JointFields() {}

    /** What is a whole number of degrees within the joint's range; anything else is as if it were not told. */
    static Map<Joint, Integer> of(Map<String, String> typed) {
        Map<Joint, Integer> joints = new EnumMap<>(Joint.class);
        typed.forEach((name, told) -> Joint.of(name)
                .filter(joint -> told.matches("-?\\d{1,3}"))
                .filter(joint -> Integer.parseInt(told) >= joint.least() && Integer.parseInt(told) <= joint.most())
                .ifPresent(joint -> joints.put(joint, Integer.parseInt(told))));
        return joints;
    }

    static Map<String, Integer> written(Map<Joint, Integer> joints) {
        Map<String, Integer> written = new LinkedHashMap<>();
        joints.forEach((joint, degrees) -> written.put(joint.written(), degrees));
        return written;
    }
}
