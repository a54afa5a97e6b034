package openbloom.core.verdict;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import openbloom.core.evidence.Source;

/** What a rule of practice rests on, and what would change our mind: one line each, since no source says it. */
final class PracticeBasis {
    /** By the beginning of a rule's code, the most exact first. */
    private static final Map<String, String> BASIS = basis();

    private PracticeBasis() {}

    /** Empty for a rule that has a source. */
    static Optional<String> of(Rule rule) {
        return rule.source() != Source.COMMON_PRACTICE
                ? Optional.empty()
                : BASIS.entrySet().stream()
                        .filter(one -> rule.code().startsWith(one.getKey()))
                        .map(Map.Entry::getValue)
                        .findFirst();
    }

    private static Map<String, String> basis() {
        Map<String, String> basis = new LinkedHashMap<>();
        basis.put(
                "STOP-SIGN",
                "Rests on what midwives and doctors want to hear the same day; a list of theirs without it would change it.");
        basis.put(
                "STOP-ABS",
                "Rests on exercise never being urgent while an illness is; her clinician's word changes it.");
        basis.put(
                "STOP-REL",
                "Rests on an instructor not being able to judge the illness; her clinician's word changes it.");
        basis.put("ASK", "Rests on unknown never being safe; asking changes it at once.");
        basis.put(
                "PREG-PRONE",
                "Rests on comfort once the womb is out of the pelvis; a study of lying in a hollow would change it.");
        basis.put(
                "PREG-FLEX",
                "Rests on caution while the midline stretches; curls were studied after births only, a trial in pregnancy would change it.");
        basis.put(
                "PREG-TWIST",
                "Rests on room for the bump and a midline under stretch; a trial that measured it would change it.");
        basis.put(
                "PREG-FEET",
                "Rests on the front of the pelvis being sore for many; a woman who is comfortable changes it.");
        basis.put("PREG-WRAP", "Rests on nothing pressing on a bump; nothing known would change it.");
        basis.put(
                "PREG-JUMP",
                "Rests on how women describe heaviness late in pregnancy; studies of runners in the third trimester would change it.");
        basis.put(
                "PREG-BA",
                "Rests on a centre of mass that moves forward and on the path of a bar; measured falls or paths would change it.");
        basis.put(
                "PREG",
                "Rests on the midline and the joints giving more while pregnant; load checks that stay flat change it.");
        basis.put(
                "PP-TIME",
                "Rests on the weeks wounds of muscle and fascia take, rounded; trials of earlier loading without more symptoms would change it.");
        basis.put(
                "PP-SIDE",
                "Rests on sparing the midline the first loads of the day; a trial that found no difference would change it.");
        basis.put("PP-CS", "Rests on what scar therapists wait for; a study of earlier touch would change it.");
        basis.put("PP-TEAR-WIDE", "Rests on not pulling at a closing wound; a closed wound changes it.");
        basis.put("PP-BALL", "Rests on comfort; her saying that it is comfortable changes it.");
        basis.put(
                "PP-FEED", "Rests on full breasts moving and joints being lax; nobody is harmed if it does not hold.");
        basis.put(
                "PP-HEAVY",
                "Rests on heaviness reported by lifters who came back early; a study of them by weeks would change it.");
        basis.put(
                "PP-PRESSURE",
                "Rests on blood pressure settling over twelve weeks; her clinician's readings change it.");
        basis.put("IMPACT-FLOOR", "Rests on leaking that nobody asked about; a check changes it.");
        basis.put("WOUND", "Rests on not pulling at a young wound; its surgeon's word changes it.");
        basis.put(
                "HEAD-LOW",
                "Rests on bleeding, pressure and acid that go by position; her clinician's word changes it.");
        basis.put(
                "GAP",
                "Rests on a reading speaking for about two weeks, and on doming being the midline giving way; a reading or a load check changes it.");
        basis.put(
                "PF-PROLAPSE",
                "Rests on a reported prolapse without heaviness bearing load well; symptoms change it either way.");
        basis.put(
                "BP-ARMS",
                "Rests on pressure rising with the arms up and the breath held; her clinician's word changes it.");
        basis.put("HERNIA", "Rests on strain pushing at the gap of a hernia; her surgeon's word changes it.");
        basis.put("PGP", "Rests on even load easing the joints of the pelvis; a leg raise that is easy changes it.");
        basis.put("BACK", "Rests on easing load where it hurts and moving on; less pain changes it.");
        basis.put("ANAEMIA", "Rests on less oxygen for the same work; blood that has been looked at changes it.");
        basis.put("FAINT", "Rests on blood that follows slowly when she rises; a day without it changes it.");
        basis.put(
                "EPILEPSY",
                "Rests on a fall being the danger; years without a seizure and her doctor's word change it.");
        basis.put(
                "FALL",
                "Rests on falls, more than age, breaking bones; a year without one and a steady stand on one leg change it.");
        basis.put("AGE", "Rests on asking before loading, at either end of life; the answers change it.");
        basis.put(
                "BREATH",
                "Rests on a ribcage that moves all round taking pressure off the floor; a check that finds it even changes it.");
        basis.put("CONNECT", "Rests on one cue at a time being heard; a check without the fault changes it.");
        basis.put("SIDE", "Rests on the weaker side setting the count; equal scores change it.");
        basis.put("LADDER", "Rests on one step at a time; a level seen well on two days changes it.");
        basis.put("KIT", "Rests on what is in the room.");
        basis.put("APP", "Rests on how she is taught here; another choice changes it.");
        for (String easy : new String[] {"WRIST", "SIT", "FRONT", "NECK"}) {
            basis.put(easy, "Rests on sparing what is sore; a day without it changes it.");
        }
        return basis;
    }
}
