package openbloom.app.reasons;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import openbloom.app.system.CompositeForm;
import openbloom.app.system.FormReader;
import openbloom.core.YesNoUnknown;
import openbloom.core.dating.Dating;
import openbloom.core.dating.GestationalAge;
import openbloom.core.evidence.Published;
import openbloom.core.gap.Depth;
import openbloom.core.gap.Firmness;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.GapReading;
import openbloom.core.gap.Width;
import openbloom.core.moves.Equipment;
import openbloom.core.pelvicfloor.LettingGo;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.record.Clearance;
import openbloom.core.record.Client;
import openbloom.core.record.Contradictions;
import openbloom.core.record.InputRanges;
import openbloom.core.record.Training;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.SymptomReport;
import openbloom.core.stage.Birth;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Tear;
import org.jspecify.annotations.Nullable;

/** A woman typed into the bench of judgement, who lives only on that page. */
@CompositeForm
public record WhatIfForm(Her her, Says says, GapTyped gap, Looked looked) {
    /** Somebody of the studio, or where a plain woman is. */
    public record Her(
            @Nullable String woman,
            @Nullable String situation,
            @Nullable String weeks,
            @Nullable String births,
            @Nullable String training) {}

    /** What she tells; cleared so many days ago. */
    public record Says(
            @Nullable List<String> conditions,
            @Nullable List<String> symptoms,
            @Nullable String cleared) {}

    /** What was seen of her gap. */
    public record GapTyped(
            @Nullable String fingers,
            @Nullable String domed,
            @Nullable String depth) {}

    /** Which moves are looked at. */
    public record Looked(@Nullable List<String> moves) {}

    static final int MOST_WEEKS = 520;
    private static final int LONGEST_PREGNANCY = GestationalAge.LONGEST_DAYS / 7 - 1;
    private static final int USUAL_AGE = 33;
    private static final Width USUAL_WIDTH = Width.ofHalfFingers(2 * Published.BOISSONNAULT_FINGERS.amount());

    /** Where she is. */
    public enum StageTyped {
        NEITHER("neither pregnant nor postnatal"),
        PREGNANT("pregnant"),
        BORN("after a vaginal birth"),
        CAESAREAN("after a caesarean");

        private final String words;

        StageTyped(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public boolean has(String constant) {
        return says.conditions() != null && says.conditions().contains(constant)
                || says.symptoms() != null && says.symptoms().contains(constant);
    }

    public boolean looksAt(String move) {
        return looked.moves() != null && looked.moves().contains(move);
    }

    public boolean isChosen(@Nullable String typed, String constant) {
        return constant.equals(typed);
    }

    /** A woman of the same stage who was asked and checked, and of whom nothing else is known. */
    Client plain(LocalDate day, FormReader typed) {
        StageTyped where =
                typed.choice("situation", her.situation(), StageTyped.class).orElse(StageTyped.NEITHER);
        int most = where == StageTyped.PREGNANT ? LONGEST_PREGNANCY : MOST_WEEKS;
        int far = typed.whole("weeks", her.weeks(), 0, most).orElse(0);
        boolean delivered = where == StageTyped.BORN || where == StageTyped.CAESAREAN;
        int before =
                typed.whole("births", her.births(), 0, InputRanges.MOST_BIRTHS).orElse(delivered ? 1 : 0);
        if (delivered) {
            typed.refuseAll(Contradictions.births("births", OptionalInt.of(before)));
        }
        Client.Builder client = Client.of(before, 1, USUAL_AGE)
                .warningSigns(day, Set.of())
                .conditions(day, Set.of())
                .symptoms(SymptomReport.none(day))
                .equipment(Set.of(Equipment.values()))
                .pelvicFloor(
                        new PelvicFloorCheck(6, 6, 6, LettingGo.FULL, Tone.TYPICAL, YesNoUnknown.NO, YesNoUnknown.NO))
                .gap(GapCheck.alike(
                        day, USUAL_WIDTH, Optional.of(Depth.SURFACE), Optional.of(Firmness.FIRM), YesNoUnknown.NO));
        if (where == StageTyped.PREGNANT) {
            client.pregnant(Dating.stated(day.minusWeeks(far).plusDays(Published.PREGNANCY_FROM_LAST_PERIOD.days())));
        } else if (delivered) {
            BirthKind kind = where == StageTyped.CAESAREAN ? BirthKind.CAESAREAN : BirthKind.VAGINAL;
            client.gaveBirth(new Birth(day.minusWeeks(far), kind, Tear.NONE, YesNoUnknown.YES));
        }
        return client.build();
    }

    /** The same woman with what was typed of her. */
    Client changed(Client base, LocalDate day, FormReader typed) {
        Client.Builder client = base.but();
        typed.choice("training", her.training(), Training.class).ifPresent(client::trained);
        Set<Condition> has = typed.choices("conditions", says.conditions(), Condition.class);
        if (!has.isEmpty()) {
            client.conditions(day, has);
        }
        Set<Symptom> tells = typed.choices("symptoms", says.symptoms(), Symptom.class);
        if (!tells.isEmpty()) {
            client.symptoms(new SymptomReport.Asked(day, tells));
        }
        typed.whole("cleared", says.cleared(), 0, 3650)
                .ifPresent(ago -> client.cleared(Clearance.of(day.minusDays(ago), "her clinician", List.of())));
        Optional<YesNoUnknown> domes = typed.choice("domed", gap.domed(), YesNoUnknown.class);
        Optional<Depth> deep = typed.choice("depth", gap.depth(), Depth.class);
        Optional<Width> wide =
                typed.whole("fingers", gap.fingers(), 0, 10).map(whole -> Width.ofHalfFingers(2 * whole));
        if (wide.isPresent() || domes.isPresent() || deep.isPresent()) {
            client.gap(looked(base.checks().gap().orElseGet(() -> unread(day)), day, wide, deep, domes));
        }
        return client.build();
    }

    /** Her readings with what was typed of them; what was not typed stays as it is. */
    private static GapCheck looked(
            GapCheck her, LocalDate day, Optional<Width> wide, Optional<Depth> deep, Optional<YesNoUnknown> domes) {
        return new GapCheck(
                day,
                her.readings().stream()
                        .map(reading -> new GapReading(
                                reading.spot(),
                                reading.state(),
                                wide.orElse(reading.width()),
                                deep.or(reading::depth),
                                deep.map(WhatIfForm::floorOf).or(reading::firmness),
                                domes.orElse(reading.domed()),
                                reading.sore()))
                        .toList());
    }

    /** A deep one springs back little. */
    private static Firmness floorOf(Depth depth) {
        return depth.compareTo(Depth.SECOND_KNUCKLE) < 0 ? Firmness.FIRM : Firmness.SOFT;
    }

    /** Nobody has looked at her: of the usual width, and neither depth nor doming known. */
    private static GapCheck unread(LocalDate day) {
        return GapCheck.alike(day, USUAL_WIDTH, Optional.empty(), Optional.empty(), YesNoUnknown.UNKNOWN);
    }
}
