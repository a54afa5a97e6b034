package openbloom.core.verdict;

import static openbloom.core.verdict.GridPart.*;
import static openbloom.core.verdict.GridWomen.*;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import openbloom.core.YesNoUnknown;
import openbloom.core.breath.BreathFinding;
import openbloom.core.breath.BreathZone;
import openbloom.core.breath.Breathing;
import openbloom.core.breath.ConnectCheck;
import openbloom.core.breath.ConnectFault;
import openbloom.core.gap.Depth;
import openbloom.core.gap.Firmness;
import openbloom.core.gap.GapCheck;
import openbloom.core.pelvicfloor.LettingGo;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.record.Answer;
import openbloom.core.record.Background;
import openbloom.core.record.Clearance;
import openbloom.core.record.Client;
import openbloom.core.record.ClinicalRestriction;
import openbloom.core.record.Falls;
import openbloom.core.record.Surgery;
import openbloom.core.record.Training;
import openbloom.core.screening.Condition;
import openbloom.core.screening.LeakWhen;
import openbloom.core.screening.SurgeryKind;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.SymptomReport;
import openbloom.core.screening.WarningSign;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Tear;

/**
 * One fact a woman may have, as what it changes in a neutral one.
 *
 * @param women the neutral woman and the same with the fact, for each of the three where it can be hers
 * @param concerns what of the body it concerns; empty when it concerns all of her
 */
record GridRow(String id, String words, String group, List<WithoutAndWith> women, Set<GridPart> concerns) {
    /** A woman without the fact and with it. */
    record WithoutAndWith(Client without, Client with) {}

    /** Every fact. */
    static List<GridRow> all() {
        return new RowMaker().all();
    }

    private static final class RowMaker {
        private final List<GridRow> rows = new ArrayList<>();

        List<GridRow> all() {
            for (Condition condition : Condition.values()) {
                each(
                        "CONDITION." + condition,
                        condition.words(),
                        "Conditions",
                        w -> w.conditions(DAY, Set.of(condition)),
                        GridConcerns.of(condition));
            }
            for (Symptom symptom : Symptom.asked()) {
                each(
                        "SYMPTOM." + symptom,
                        symptom.words(),
                        "Symptoms",
                        w -> w.symptoms(new SymptomReport.Asked(DAY, Set.of(symptom))),
                        GridConcerns.of(symptom));
            }
            for (LeakWhen when : LeakWhen.values()) {
                each(
                        "LEAK." + when,
                        "leaking: " + when.words(),
                        "Symptoms",
                        w -> w.symptoms(new SymptomReport.Asked(DAY, Set.of(Symptom.LEAK_WITH_EFFORT), Set.of(when))),
                        FLOOR,
                        IMPACT,
                        BREATH);
            }
            births();
            surgeries();
            checks();
            person();
            for (ClinicalRestriction limit : ClinicalRestriction.values()) {
                if (limit != ClinicalRestriction.WORDS_UNDERSTOOD) {
                    each(
                            "LIMIT." + limit,
                            "limit: " + limit.words(),
                            "Her clinician's limits",
                            w -> w.cleared(Clearance.of(DAY, "clinician", List.of(limit.name()))),
                            GridConcerns.of(limit));
                }
            }
            for (WarningSign sign : WarningSign.values()) {
                each("SIGN." + sign, sign.words(), "Warning signs", w -> w.warningSigns(DAY, Set.of(sign)));
            }
            return List.copyOf(rows);
        }

        private void births() {
            for (int weeks : new int[] {1, 5, 10, 20}) {
                for (BirthKind kind : BirthKind.values()) {
                    String words = kind.words() + " " + weeks + (weeks == 1 ? " week ago" : " weeks ago");
                    only(
                            "BIRTH." + kind + "." + weeks + "W",
                            words,
                            "Births",
                            born(weeks, kind, Tear.NONE, YesNoUnknown.YES));
                }
            }
            for (Tear tear : Tear.values()) {
                // Degree 1 and 2, once closed, ask for no more than the birth itself; a tear not told of only early.
                if (tear.reachesSphincter() || tear == Tear.UNKNOWN) {
                    for (int weeks : tear == Tear.UNKNOWN ? new int[] {3} : new int[] {3, 10}) {
                        from(
                                "TEAR." + tear + "." + weeks + "W",
                                tear.words() + ", " + weeks + " weeks ago",
                                "Births",
                                born(weeks, BirthKind.VAGINAL, Tear.NONE, YesNoUnknown.YES),
                                born(weeks, BirthKind.VAGINAL, tear, YesNoUnknown.YES),
                                FLOOR,
                                PELVIS,
                                IMPACT,
                                WOUND);
                    }
                }
            }
            from(
                    "WOUND.OPEN_BELLY",
                    "wound of the belly open, ten weeks after a caesarean",
                    "Wounds",
                    born(10, BirthKind.CAESAREAN, Tear.NONE, YesNoUnknown.YES),
                    born(10, BirthKind.CAESAREAN, Tear.NONE, YesNoUnknown.NO),
                    WOUND,
                    BELLY,
                    SCAR,
                    POSITION);
            from(
                    "WOUND.NOT_RECORDED",
                    "wound not recorded, ten weeks after a caesarean",
                    "Wounds",
                    born(10, BirthKind.CAESAREAN, Tear.NONE, YesNoUnknown.YES),
                    born(10, BirthKind.CAESAREAN, Tear.NONE, YesNoUnknown.UNKNOWN),
                    WOUND,
                    BELLY,
                    SCAR,
                    POSITION);
            from(
                    "WOUND.OPEN_FLOOR",
                    "tear not closed, ten weeks after the birth",
                    "Wounds",
                    born(10, BirthKind.VAGINAL, Tear.SECOND, YesNoUnknown.YES),
                    born(10, BirthKind.VAGINAL, Tear.SECOND, YesNoUnknown.NO),
                    WOUND,
                    PELVIS);
            only("TRIMESTER.FIRST", "first trimester", "Pregnancy", pregnant(8));
            only("TRIMESTER.SECOND", "second trimester", "Pregnancy", pregnant(20));
            only("TRIMESTER.THIRD", "third trimester", "Pregnancy", pregnant(30));
        }

        private void surgeries() {
            Map<String, Integer> ago = new LinkedHashMap<>();
            ago.put("10D", 10);
            ago.put("5W", 35);
            ago.put("9W", 63);
            for (SurgeryKind kind : SurgeryKind.values()) {
                ago.forEach((code, days) -> each(
                        "SURGERY." + kind + "." + code,
                        (kind == SurgeryKind.UNKNOWN ? "an operation" : kind.words()) + " " + days + " days ago",
                        "Operations",
                        w -> w.operated(List.of(Surgery.on(DAY.minusDays(days), kind))),
                        WOUND,
                        BELLY,
                        FLOOR,
                        IMPACT));
            }
        }

        private void checks() {
            each("GAP.NOT_READ", "gap not read", "The gap", Client.Builder::gapUnread, BELLY);
            gap(
                    "GAP.WIDE_FIRM",
                    "gap wide but firm and flat",
                    reading(7, Depth.SURFACE, Firmness.FIRM, YesNoUnknown.NO));
            gap("GAP.DEEP_SOFT", "gap deep and soft", reading(4, Depth.DEEPER, Firmness.SOFT, YesNoUnknown.NO));
            gap("GAP.DOMES", "domes on the head lift", reading(4, Depth.SURFACE, Firmness.FIRM, YesNoUnknown.YES));
            gap(
                    "GAP.STALE",
                    "gap read long ago",
                    new GapCheck(
                            DAY.minusDays(40),
                            reading(3, Depth.SURFACE, Firmness.FIRM, YesNoUnknown.NO)
                                    .readings()));
            for (Tone tone : Tone.values()) {
                if (tone != Tone.TYPICAL && tone != Tone.UNKNOWN) {
                    each(
                            "FLOOR." + tone,
                            "pelvic floor: " + tone.words(),
                            "Pelvic floor",
                            w -> w.pelvicFloor(floor(tone, LettingGo.FULL, YesNoUnknown.NO)),
                            FLOOR,
                            IMPACT,
                            BREATH);
                }
            }
            for (LettingGo lettingGo : LettingGo.values()) {
                if (lettingGo != LettingGo.FULL) {
                    each(
                            "LETTING_GO." + lettingGo,
                            "letting go: " + lettingGo.words(),
                            "Pelvic floor",
                            w -> w.pelvicFloor(floor(Tone.TYPICAL, lettingGo, YesNoUnknown.NO)),
                            FLOOR);
                }
            }
            each(
                    "FLOOR.PAIN",
                    "lifts hurt in the check",
                    "Pelvic floor",
                    w -> w.pelvicFloor(floor(Tone.TYPICAL, LettingGo.FULL, YesNoUnknown.YES)),
                    FLOOR);
            each(
                    "FLOOR.NOT_CHECKED",
                    "pelvic floor not checked",
                    "Pelvic floor",
                    w -> w.pelvicFloor(PelvicFloorCheck.NOT_CHECKED),
                    FLOOR,
                    IMPACT);
            for (BreathFinding breath : BreathFinding.values()) {
                if (breath != BreathFinding.EVEN && breath != BreathFinding.UNKNOWN) {
                    each(
                            "BREATH." + breath,
                            "breath: " + breath.words(),
                            "Breath and connect",
                            w -> w.breath(breath),
                            EFFORT);
                }
            }
            for (BreathZone zone : BreathZone.values()) {
                each(
                        "STILL." + zone,
                        "not moving freely: " + zone.words(),
                        "Breath and connect",
                        w -> w.breath(new Breathing(BreathFinding.UNEVEN, Set.of(zone))),
                        EFFORT);
            }
            for (ConnectFault fault : ConnectFault.values()) {
                each(
                        "CONNECT." + fault,
                        "connect: " + fault.words(),
                        "Breath and connect",
                        w -> w.connect(new ConnectCheck(Map.of(), felt(), Set.of(fault))),
                        fault == ConnectFault.BREATH_HELD ? EFFORT : CONNECT);
            }
            each("RAISE.HARD", "straight leg raise hard", "Other checks", w -> w.straightLegRaise(5), PELVIS);
        }

        private void gap(String id, String words, GapCheck read) {
            each(id, words, "The gap", w -> w.gap(read), BELLY);
        }

        private void person() {
            each(
                    "AGE.16",
                    "sixteen years old",
                    "Age and falls",
                    w -> w.background(Background.of(1, 1, 16).falling(Falls.NONE)),
                    CIRCULATION,
                    BELLY,
                    FLOOR,
                    BACK);
            each(
                    "AGE.65",
                    "sixty-five, falls not asked",
                    "Age and falls",
                    w -> w.background(Background.of(1, 1, 65)),
                    BELLY,
                    FLOOR,
                    IMPACT,
                    BALANCE);
            each(
                    "AGE.75",
                    "seventy-five",
                    "Age and falls",
                    w -> w.background(Background.of(1, 1, 75).falling(Falls.NONE)),
                    BALANCE);
            each("FALLS.UNSTEADY", "unsteady on her feet", "Age and falls", w -> w.falls(Falls.UNSTEADY), BALANCE);
            each("FALLS.FELL", "fell this year", "Age and falls", w -> w.falls(Falls.FELL), BALANCE);
            for (Training training : Training.values()) {
                each(
                        "TRAINING." + training,
                        "trained before: " + training.words() + ", no level written",
                        "Age and falls",
                        w -> w.rungs(Map.of()).trained(training),
                        BELLY,
                        FLOOR,
                        IMPACT);
            }
            each(
                    "ASKED.SIGNS",
                    "warning signs not asked",
                    "Not asked",
                    w -> w.warningSigns(Answer.notAsked()),
                    BELLY,
                    FLOOR,
                    IMPACT,
                    BONES,
                    SCAR);
            each(
                    "ASKED.SYMPTOMS",
                    "symptoms not asked",
                    "Not asked",
                    w -> w.symptoms(new SymptomReport.NotAsked()),
                    BELLY,
                    FLOOR,
                    IMPACT,
                    BONES,
                    SCAR);
            each(
                    "ASKED.CONDITIONS",
                    "conditions not asked",
                    "Not asked",
                    w -> w.conditions(Answer.notAsked()),
                    BELLY,
                    FLOOR,
                    IMPACT,
                    BONES,
                    SCAR);
        }

        private void each(
                String id, String words, String group, UnaryOperator<Client.Builder> fact, GridPart... concerns) {
            List<WithoutAndWith> pairs = Stream.of(
                            neither(), pregnant(24), born(10, BirthKind.VAGINAL, Tear.NONE, YesNoUnknown.YES))
                    .map(neutral -> new WithoutAndWith(
                            neutral, fact.apply(neutral.but()).build()))
                    .toList();
            rows.add(new GridRow(id, words, group, pairs, set(concerns)));
        }

        private void each(
                String id, String words, String group, UnaryOperator<Client.Builder> fact, Set<GridPart> concerns) {
            each(id, words, group, fact, concerns.toArray(GridPart[]::new));
        }

        /** A fact that is what she is: held against the woman who is neither pregnant nor after a birth. */
        private void only(String id, String words, String group, Client her) {
            rows.add(new GridRow(id, words, group, List.of(new WithoutAndWith(neither(), her)), Set.of()));
        }

        private void from(String id, String words, String group, Client without, Client with, GridPart... concerns) {
            rows.add(new GridRow(id, words, group, List.of(new WithoutAndWith(without, with)), set(concerns)));
        }
    }

    private static Set<GridPart> set(GridPart... parts) {
        return parts.length == 0 ? Set.of() : EnumSet.copyOf(List.of(parts));
    }
}
