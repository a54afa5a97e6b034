package openbloom.core.verdict;

import static openbloom.core.verdict.Compared.CATALOGUE;
import static openbloom.core.verdict.Compared.assertNoneWeaker;
import static openbloom.core.verdict.Compared.require;
import static openbloom.core.verdict.Compared.verdicts;
import static openbloom.core.verdict.Women.TODAY;

import java.util.List;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Tag;
import openbloom.core.YesNoUnknown;
import openbloom.core.gap.Depth;
import openbloom.core.gap.Firmness;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.GapReading;
import openbloom.core.gap.GapState;
import openbloom.core.gap.Site;
import openbloom.core.gap.Width;
import openbloom.core.moves.Flexion;
import openbloom.core.moves.Move;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.record.Answer;
import openbloom.core.record.Client;
import openbloom.core.record.Conditions;
import openbloom.core.record.Training;
import openbloom.core.screening.Condition;
import openbloom.core.screening.SymptomReport;
import openbloom.core.stage.Birth;

/** Unknown is never safe; for every woman and every move, on thousands of generated women with a fixed seed. */
@Tag("long")
class NotAskedPropertyTest {
    private static final String SEED = "20261124";

    /** Not asked is not "none": whoever asks and hears "none" never gets a stricter answer than whoever did not ask. */
    @Property(seed = SEED)
    void notAskedIsNeverJudgedMoreLenientlyThanAskedAndNone(@ForAll Client woman) {
        assertNoneWeaker(
                verdicts(woman.but().warningSigns(TODAY, Set.of()).build()),
                woman.but().warningSigns(Answer.notAsked()).build());
        assertNoneWeaker(
                verdicts(woman.but().conditions(TODAY, Set.of()).build()),
                woman.but().conditions(Answer.notAsked()).build());
        Conditions oneKnown = Conditions.of(Set.of(Condition.BREASTFEEDING));
        assertNoneWeaker(
                verdicts(woman.but().conditions(Answer.given(TODAY, oneKnown)).build()),
                woman.but().conditions(Answer.notAsked()).knownBesides(oneKnown).build());
        assertNoneWeaker(
                verdicts(woman.but().symptoms(SymptomReport.none(TODAY)).build()),
                woman.but().symptoms(new SymptomReport.NotAsked()).build());
        assertNoneWeaker(
                verdicts(woman.but().pelvicFloor(Women.TYPICAL_FLOOR).build()),
                woman.but().pelvicFloor(PelvicFloorCheck.NOT_CHECKED).build());
        assertNoneWeaker(
                verdicts(woman.but().trained(Training.REGULAR).build()),
                woman.but().trained(Training.NONE).build());
        assertNoneWeaker(verdicts(flatAndFirm(woman)), withoutGap(woman));
        woman.situation()
                .birth()
                .ifPresent(birth -> assertNoneWeaker(
                        verdicts(woman.but()
                                .gaveBirth(wound(birth, YesNoUnknown.YES))
                                .build()),
                        woman.but()
                                .gaveBirth(wound(birth, YesNoUnknown.UNKNOWN))
                                .build()));
    }

    private static Birth wound(Birth birth, YesNoUnknown closed) {
        return new Birth(birth.date(), birth.kind(), birth.tear(), closed);
    }

    /** A gap within two fingers, flat and firm at every site: what a clinician would call normal. */
    private static Client flatAndFirm(Client woman) {
        List<GapReading> readings = Site.EVERYDAY.stream()
                .map(site -> new GapReading(
                        site,
                        site.usualOffsetMm(),
                        GapState.LIFT,
                        Width.ofHalfFingers(3),
                        Depth.SURFACE,
                        Firmness.FIRM,
                        YesNoUnknown.NO))
                .toList();
        return withoutGap(woman).but().gap(new GapCheck(TODAY, readings)).build();
    }

    @Property(seed = SEED)
    void flexionImpactAndFullFrontSupportAreNeverAPlainGoOnMissingData(@ForAll Client woman) {
        Client unchecked = Client.of(woman.background())
                .rungs(woman.standing().rungs())
                .equipment(woman.equipment())
                .approach(woman.approach())
                .build();
        Client gapUnknown = withoutGap(woman);
        Judgement nothing = Judgement.of(CATALOGUE, unchecked, TODAY);
        Judgement noGap = Judgement.of(CATALOGUE, gapUnknown, TODAY);
        for (Move move : CATALOGUE.moves()) {
            if (move.demands().flexion() != Flexion.NONE || move.isImpact() || move.isFullFrontSupport()) {
                require(nothing.of(move).kind() != VerdictKind.GO, move);
            }
            if (move.isCurl() || move.isFullFrontSupport()) {
                require(noGap.of(move).kind() != VerdictKind.GO, move);
            }
        }
    }

    private static Client withoutGap(Client woman) {
        Client.Builder same = Client.of(woman.background());
        woman.situation().pregnancy().ifPresent(same::pregnant);
        woman.situation().birth().ifPresent(same::gaveBirth);
        woman.medical().clearance().ifPresent(same::cleared);
        return same.conditions(TODAY, woman.medical().known().all())
                .symptoms(woman.safety().symptoms())
                .rungs(woman.standing().rungs())
                .impactTests(woman.checks().impactTests())
                .equipment(woman.equipment())
                .build();
    }
}
