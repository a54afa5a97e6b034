package openbloom.app.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import openbloom.core.Problem;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.record.Client;
import openbloom.core.screening.Condition;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Verdict;
import openbloom.core.verdict.VerdictKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Every fact another program may tell of a woman reaches the rules. */
class ClientFactsTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 24);
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();
    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .build();

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "'pregnancy':{'dueDate':'2027-02-01'}|heel-slide|SWAP|PREG-SUP-NONE",
                "'birth':{'date':'2026-11-20','kind':'VAGINAL'}|heel-slide|NOT_YET|PP-TIME-RECONNECT",
                "'birth':{'date':'2026-10-20','kind':'CAESAREAN','woundClosed':true}|scar-circles|NOT_YET|PP-CS-SCAR-TOUCH",
                "'birth':{'date':'2026-09-20','kind':'VAGINAL','tearDegree':3,'woundClosed':true}|flick-one|NOT_YET|PP-TEAR-34",
                "'clearance':{'date':'2026-11-01','by':'doctor','limits':['NO_ARMS_OVERHEAD']}|press-seated-light|NOT_YET|STOP-CLEAR-LIMIT",
                "'clearance':{'date':'2026-11-01','by':'doctor','limits':'NO_ARMS_OVERHEAD'}|press-seated-light|NOT_YET|STOP-CLEAR-LIMIT",
                "'conditions':['OSTEOPOROSIS']|happy-hips|SWAP|OST-FLEX",
                "'symptoms':['WRIST_PAIN']|support-wall|ADJUST|WRIST",
                "'warningSigns':['CHEST_PAIN']|breath-side|STOP|STOP-SIGN-CHEST-PAIN",
                "'gap':{'date':'2026-11-20','readings':[{'site':'NAVEL','state':'LIFT','widthFingers':3,'depth':'SURFACE','firmness':1,'domed':false}]}|breath-lying|GO|PP-SIDE",
                "'domingCeiling':{'LIMB_LOAD':0}|heel-slide|NOT_YET|GAP-DOME-LIMB-LOAD",
                "'pelvicFloor':{'tone':'TIGHT'}|flick-one|NOT_YET|PF-TIGHT",
                "'pelvicFloor':{'letsGoFully':false}|flick-one|NOT_YET|PF-TIGHT",
                "'pelvicFloor':{'pain':true,'letsGoFully':true}|flick-one|NOT_YET|PF-PAIN",
                "'pelvicFloor':{'tone':'NONE_FELT','holdSeconds':4,'holdRepetitions':6,'flicks':7,'fades':true,'sideDifference':'LEFT_WEAKER'}|flick-one|NOT_YET|PF-NONE",
                "'symptoms':[],'conditions':[],'warningSigns':[],'breath':'HELD','rungs':{'STRENGTH_LEGS':2}|squat|ADJUST|BREATH-DOWN",
                "'breath':{'finding':'UNEVEN','still':['LEFT_RIBS']}|breath-seated|ADJUST|BREATH-ZONE",
                "'symptoms':[],'conditions':[],'warningSigns':[],'training':'REGULAR','gap':{'date':'2026-11-20','readings':[{'site':'ABOVE','state':'LIFT','widthFingers':2,'depth':'SURFACE','firmness':3},{'site':'NAVEL','state':'LIFT','widthFingers':2,'depth':'SURFACE','firmness':3},{'site':'BELOW','state':'LIFT','widthFingers':2,'depth':'SURFACE','firmness':3}]}|heel-tap|NOT_YET|GAP-UNSEEN",
                "'symptoms':[],'conditions':[],'warningSigns':[],'domingCeiling':{'FLEXION':0},'gap':{'date':'2026-11-20','readings':[{'site':'NAVEL','state':'LIFT','widthFingers':1,'depth':'SURFACE','firmness':3}]}|heel-tap|NOT_YET|GAP-DEEP",
                "'symptoms':[],'conditions':[],'warningSigns':[],'domingCeiling':{},'gap':{'date':'2026-11-20','readings':[{'site':'NAVEL','state':'LIFT','widthFingers':3,'depth':'SURFACE','firmness':3}]}|heel-tap|ADJUST|GAP-LOAD",
                "'symptoms':[],'warningSigns':[]|squat|NOT_YET|ASK-CONDITIONS",
                "'symptoms':[],'warningSigns':[],'feeding':true|squat|NOT_YET|ASK-CONDITIONS",
                "'symptoms':[],'conditions':[],'warningSigns':[]|two-hand-carry|ADJUST|LADDER-START",
                "'conditions':[{'name':'MILD_HEART_OR_LUNG','since':'2026-11-20'}],'clearance':{'date':'2026-11-01','by':'doctor'}|squat|NOT_YET|STOP-REL-MILD-HEART-OR-LUNG-NOT-PREGNANT",
                "'pregnancy':{'dueDate':'2027-05-01'},'symptoms':[],'conditions':[],'warningSigns':[],'training':'SPORT','bump':{'barCurves':true},'equipment':['BARBELL']|barbell-clean|SWAP|PREG-BAR",
                "'straightLegRaise':{'left':2,'right':2}|one-leg-stand|SWAP|PGP-ASLR",
                "'falls':'FELL'|one-leg-stand|ADJUST|FALL-SUPPORT",
                "'birth':{'date':'2026-09-20'}|front-rest|NOT_YET|PP-CS-PRONE",
                "'surgery':[{'date':'2026-11-20','kind':'OPEN'}]|clam|NOT_YET|SURG-REST",
                "'conditions':['PROLAPSE'],'pessary':true,'symptoms':[],'warningSigns':[]|squat|ADJUST|PF-PROLAPSE",
                "'symptoms':['LEAK_WITH_EFFORT'],'leaksWhen':['RUN'],'conditions':[],'warningSigns':[]|heel-drops|NOT_YET|IMPACT-SYMPTOM",
                "'rungs':{'STRENGTH_LEGS':1}|front-squat|NOT_YET|LADDER-NEXT",
                "'approach':{'A2':'NO_SUPPORT_UNTIL_RECOVERED'}|support-wall|NOT_YET|GAP-PLANK",
                "'equipment':[]|band-row-seated|ADJUST|KIT-MISSING"
            })
    void reachesItsRule(String fact, String move, VerdictKind kind, String code) {
        Verdict verdict = verdict(fact, move);
        assertThat(verdict.hasReason(code)).as(verdict.toString()).isTrue();
        assertThat(verdict.kind()).as(verdict.toString()).isEqualTo(kind);
    }

    @Test
    void whatIsAbsentIsUnknownAndNeverSafe() {
        for (String move : new String[] {"curl-up", "jog-on-spot", "support-full-10"}) {
            assertThat(verdict("'babies':1", move).kind()).isEqualTo(VerdictKind.NOT_YET);
        }
        assertThat(verdict("'equipment':['BAND','CHAIR']", "band-row-seated").kind())
                .isEqualTo(VerdictKind.GO);
    }

    /** A list with nothing in it but null was not asked through; it must not read as "none". */
    @ParameterizedTest
    @ValueSource(strings = {"symptoms", "warningSigns", "conditions", "equipment"})
    void refusesAnEntryThatIsNull(String list) {
        assertThatThrownBy(() -> client("'" + list + "':[null]"))
                .isInstanceOfSatisfying(
                        Refusal.class,
                        refused -> assertThat(refused.problems())
                                .extracting(Problem::field)
                                .containsExactly("client." + list + "[0]"));
    }

    @Test
    void readsNobodysBabiesAsOne() {
        assertThat(client("'babies':0").background().babies()).hasValue(1);
        assertThat(client("'babies':3").background().babies()).hasValue(3);
        assertThat(client("'feeding':true").has(Condition.BREASTFEEDING)).isTrue();
    }

    private static Verdict verdict(String fact, String move) {
        return Judgement.of(CATALOGUE, client(fact), DAY).of(CATALOGUE.get(move));
    }

    private static Client client(String fact) {
        String babies = fact.contains("'babies'") ? "" : "'babies':1,";
        String told = ("{'births':1,'ageYears':33," + babies + fact + "}").replace('\'', '"');
        return ClientReader.read(JSON.readValue(told, ClientRequest.class), DAY, new JsonFieldReader());
    }
}
