package openbloom.core.figure;

import java.util.Arrays;
import java.util.Optional;
import openbloom.core.YamlFieldReader;

/**
 * What can be turned in a pose of the studio's own: directions in the plane looked at, 0° forward, 90° up, 180° back.
 *
 * @see OwnPoses
 * @see Figures
 */
public enum Joint {
    TRUNK("Trunk, from hips to head", -180, 360),
    CURL("Bending of the chest over the pelvis", -60, 100),
    NOD("Chin to the chest", -40, 75),
    NEAR_THIGH("Nearer thigh", -180, 360),
    NEAR_SHANK("Nearer lower leg", -180, 360),
    FAR_THIGH("Farther thigh", -180, 360),
    FAR_SHANK("Farther lower leg", -180, 360),
    NEAR_UPPER_ARM("Nearer upper arm", -180, 360),
    NEAR_FOREARM("Nearer forearm", -180, 360),
    FAR_UPPER_ARM("Farther upper arm", -180, 360),
    FAR_FOREARM("Farther forearm", -180, 360);

    private final String words;
    private final int least;
    private final int most;

    Joint(String words, int least, int most) {
        this.words = words;
        this.least = least;
        this.most = most;
    }

    public String words() {
        return words;
    }

    /** In degrees. */
    public int least() {
        return least;
    }

    /** In degrees. */
    public int most() {
        return most;
    }

    /** As it stands in an address or a form. */
    public String written() {
        return YamlFieldReader.asWritten(this);
    }

    public static Optional<Joint> of(String written) {
        return Arrays.stream(values())
                .filter(joint -> joint.written().equals(written))
                .findFirst();
    }
}
