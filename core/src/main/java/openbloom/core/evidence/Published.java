package openbloom.core.evidence;

import static openbloom.core.evidence.Source.*;

/**
 * Every number a rule or a calculation takes from outside, with its unit and source. Code reads the number
 * from here, so that the list of sources shown to the instructor is the list the program really uses.
 *
 * @see Source
 */
public enum Published {
    PREGNANCY_FROM_LAST_PERIOD(E_DATE, 280, "days", "first day of last period to due date"),
    PREGNANCY_FROM_CONCEPTION(E_DATE, 266, "days", "conception to due date"),
    USUAL_CYCLE(E_DATE, 28, "days", "cycle the 280 days assume"),
    REDATE_TO_8W6D(E_REDATE, 5, "days", "re-date if the scan differs by more, to 8w6d"),
    REDATE_TO_15W6D(E_REDATE, 7, "days", "re-date if the scan differs by more, 9w0d to 15w6d"),
    REDATE_TO_21W6D(E_REDATE, 10, "days", "re-date if the scan differs by more, 16w0d to 21w6d"),
    REDATE_TO_27W6D(E_REDATE, 14, "days", "re-date if the scan differs by more, 22w0d to 27w6d"),
    REDATE_FROM_28W0D(E_REDATE, 21, "days", "re-date if the scan differs by more, from 28w0d"),
    SECOND_TRIMESTER(E_TRIM, 14, "weeks", "second trimester begins"),
    THIRD_TRIMESTER(E_TRIM, 28, "weeks", "third trimester begins"),
    EARLY_TERM(E_TERM, 37, "weeks", "early term begins"),
    FULL_TERM(E_TERM, 39, "weeks", "full term begins"),
    LATE_TERM(E_TERM, 41, "weeks", "late term begins"),
    POST_TERM(E_TERM, 42, "weeks", "post-term begins"),
    EXERTION_LEAST(E_ACOG804, 13, "of 20", "perceived exertion, from"),
    EXERTION_MOST(E_ACOG804, 14, "of 20", "perceived exertion, up to"),
    HEART_RATE_OLDER_FROM(E_HR, 29, "years", "the older row from this age (29 is unassigned in print)"),
    HEART_RATE_LIGHT(E_HR, 102, "beats a minute", "light from, under 29"),
    HEART_RATE_MODERATE(E_HR, 125, "beats a minute", "moderate from, under 29"),
    HEART_RATE_VIGOROUS(E_HR, 147, "beats a minute", "vigorous from, under 29"),
    HEART_RATE_MOST(E_HR, 169, "beats a minute", "vigorous up to, under 29"),
    HEART_RATE_LIGHT_OLDER(E_HR, 101, "beats a minute", "light from, 29 and over"),
    HEART_RATE_MODERATE_OLDER(E_HR, 121, "beats a minute", "moderate from, 29 and over"),
    HEART_RATE_VIGOROUS_OLDER(E_HR, 142, "beats a minute", "vigorous from, 29 and over"),
    HEART_RATE_MOST_OLDER(E_HR, 162, "beats a minute", "vigorous up to, 29 and over"),
    VESSEL_COMPRESSION(E_SUPINE, 20, "weeks", "great vessels compressed lying on the back"),
    PLACENTA_PRAEVIA_LIMIT(E_CONTRA, 28, "weeks", "placenta praevia is absolute after"),
    TWINS_LIMIT(E_CONTRA, 28, "weeks", "twins are relative after"),
    MANY_BABIES(E_CONTRA, 3, "babies", "absolute from this many babies"),
    FULL_CHECK_AFTER_BIRTH(E_PPCARE, 6, "weeks", "check after birth, from"),
    IMPACT_AFTER_BIRTH(E_RUN, 12, "weeks", "no running before (3 months)"),
    STRAIGHT_LEG_RAISE_MAX(E_ASLR, 10, "points", "sum of both sides"),
    BOISSONNAULT_FINGERS(E_BOISS, 2, "fingers", "wider than this is a separation"),
    BOISSONNAULT_SITE(E_BOISS, 45, "mm", "distance above and below the navel"),
    RATH_OLDER_THAN(E_RATH, 45, "years", "the older row applies above this age"),
    RATH_ABOVE(E_RATH, 10, "mm", "limit above the navel, younger"),
    RATH_ABOVE_OLDER(E_RATH, 15, "mm", "limit above the navel, older"),
    RATH_NAVEL(E_RATH, 27, "mm", "limit at the navel"),
    RATH_BELOW(E_RATH, 9, "mm", "limit below the navel, younger"),
    RATH_BELOW_OLDER(E_RATH, 14, "mm", "limit below the navel, older"),
    BEER_XIPHOID(E_BEER, 15, "mm", "widest at the tip of the breastbone"),
    BEER_ABOVE(E_BEER, 22, "mm", "widest above the navel"),
    BEER_ABOVE_SITE(E_BEER, 30, "mm", "distance of that site above the navel"),
    BEER_BELOW(E_BEER, 16, "mm", "widest below the navel"),
    BEER_BELOW_SITE(E_BEER, 20, "mm", "distance of that site below the navel"),
    SPERSTAD_SEPARATION(E_SPER, 2, "fingers", "a separation from this width, mild to below 3"),
    SPERSTAD_MODERATE(E_SPER, 3, "fingers", "moderate from here (an exact 3: our convention)"),
    SPERSTAD_SEVERE(E_SPER, 4, "fingers", "severe from here"),
    GAP_AT_6_WEEKS(E_SPER, 60, "of 100 women", "a gap from two fingers, six weeks after birth"),
    GAP_AT_26_WEEKS(E_SPER, 45, "of 100 women", "the same half a year after birth"),
    GAP_AT_A_YEAR(E_SPER, 33, "of 100 women", "the same a year after birth"),
    EHS_LIMIT(E_EHS, 20, "mm", "wider than this is a diastasis"),
    EHS_MODERATE(E_EHS, 30, "mm", "second grade above this"),
    EHS_SEVERE(E_EHS, 50, "mm", "third grade above this"),
    SITE_TOLERANCE(COMMON_PRACTICE, 10, "mm", "a reading is compared with a school within this distance of its site"),
    DEPTH_OF_A_KNUCKLE(COMMON_PRACTICE, 1, "knuckle", "P-GAP-3: less than the first is shallow"),
    GAP_RECHECK(COMMON_PRACTICE, 7, "days", "P-GAP-4: look again at the gap about every"),
    GAP_RECHECK_PREGNANT(COMMON_PRACTICE, 28, "days", "in pregnancy the midline is looked at, for doming, every"),
    HEAD_LIFT_AFTER_BIRTH(COMMON_PRACTICE, 2, "weeks", "no head lift before, after a vaginal birth"),
    HEAD_LIFT_AFTER_CAESAREAN(COMMON_PRACTICE, 6, "weeks", "no head lift before, after a caesarean"),
    GAP_STALE(COMMON_PRACTICE, 14, "days", "a gate may rest on a gap reading no older than"),
    CLEARANCE_OPENS_NOTHING_NEW(COMMON_PRACTICE, 365, "days", "a clearance opens nothing new when it is older than"),
    SURGERY_REST(E_SURGERY, 2, "weeks", "breath, connect without strain, circulation and short walks, for"),
    SURGERY_LIGHT(E_SURGERY, 6, "weeks", "load 1 and no curl, end-range turn or long stretch, until"),
    SURGERY_LIGHT_OPEN(E_SURGERY, 8, "weeks", "the same after an open operation, or when nobody said how, until"),
    SURGERY_WITHOUT_A_WORD(COMMON_PRACTICE, 12, "weeks", "load 2 without a clinician's word after an operation, from"),
    SURGERY_REPAIR(E_SURGERY, 12, "weeks", "no heavy load and no impact after a prolapse or continence repair, for"),
    SURGERY_BEARS(COMMON_PRACTICE, 365, "days", "the day of an operation holds nothing after"),
    YOUNG_WOUND(COMMON_PRACTICE, 6, "weeks", "a wound of belly or floor counts as young for"),
    HEAD_LOW_AFTER_BIRTH(COMMON_PRACTICE, 3, "weeks", "head lower than the heart, not after a birth before"),
    LOAD_CHECK_PREGNANT(COMMON_PRACTICE, 28, "days", "a load check speaks for a pregnant woman no longer than"),
    EARLY_FIRST(
            COMMON_PRACTICE,
            1,
            "days",
            "tilts, heel slides, ankles and the knee falling out after an easy birth, from"),
    EARLY_SECOND(
            E_RUN, 2, "weeks", "bridge, clam, side leg lift, wall push-up, squat to a chair after an easy birth, from"),
    EARLY_THIRD(E_RUN, 4, "weeks", "body-weight squat, step-up, push-up at a counter after an easy birth, from"),
    EARLY_CAESAREAN_LATER(COMMON_PRACTICE, 2, "weeks", "the same after a caesarean, later by"),
    HEAVY_AFTER_BIRTH(COMMON_PRACTICE, 12, "weeks", "heavy loads after a birth, from"),
    HEAVY_AFTER_CAESAREAN(COMMON_PRACTICE, 16, "weeks", "heavy loads after a caesarean, from"),
    HEAVY_AFTER_DEEP_TEAR(COMMON_PRACTICE, 26, "weeks", "heavy loads after a third- or fourth-degree tear, from"),
    PRESSURE_AFTER_BIRTH(
            COMMON_PRACTICE,
            12,
            "weeks",
            "nothing heavy overhead after a birth with high blood pressure or pre-eclampsia, for"),
    CATHETER(
            COMMON_PRACTICE,
            2,
            "weeks",
            "gentle lifts only once a urinary catheter is out: said after a deep tear for"),
    SUPPORT_FROM(COMMON_PRACTICE, 75, "years", "a support within reach at any balance or one-leg work, from"),
    FALLS_ASKED_FROM(COMMON_PRACTICE, 60, "years", "falls are asked from"),
    ASKED_BEFORE_LOAD(COMMON_PRACTICE, 65, "years", "blood pressure, falls and bones are asked before load 3, from"),
    GROWN_UP(COMMON_PRACTICE, 18, "years", "no maximal load, and a parent's consent, under"),
    GAP_STAYS(
            COMMON_PRACTICE,
            5,
            "years",
            "a gap once recovered stays so without a symptom when the birth is longer ago than"),
    NO_NOTE_LIGHT(COMMON_PRACTICE, 8, "weeks", "without a clearance note load 2 from"),
    NO_NOTE_LIGHT_SLOWER(COMMON_PRACTICE, 12, "weeks", "the same after a caesarean or a deep tear"),
    NO_NOTE_MIDDLE(COMMON_PRACTICE, 12, "weeks", "without a clearance note load 3 from"),
    NO_NOTE_MIDDLE_SLOWER(COMMON_PRACTICE, 26, "weeks", "the same after a caesarean or a deep tear"),
    WOUND_TAKEN_AS_CLOSED(
            COMMON_PRACTICE,
            12,
            "weeks",
            "a wound nobody looked at is taken as closed from, without tear and caesarean"),
    PRE_ECLAMPSIA_AFTER_BIRTH(COMMON_PRACTICE, 12, "weeks", "pre-eclampsia counts after the birth for"),
    CURLS_WITH_A_GAP(COMMON_PRACTICE, 12, "weeks", "curls with a wide but firm gap may begin after birth from"),
    FUNCTIONAL_WIDEST(COMMON_PRACTICE, 3, "fingers", "wider than this is never recovered, however firm"),
    GAP_SETTLES(COMMON_PRACTICE, 12, "weeks", "a recovered gap may settle after birth from"),
    GAP_SETTLED_APART(COMMON_PRACTICE, 28, "days", "two recovered, flat readings settle a gap when so far apart"),
    GAP_SETTLED(COMMON_PRACTICE, 84, "days", "a settled gap is read again after, and counts so long"),
    GAP_STALLED(COMMON_PRACTICE, 56, "days", "a gap has stalled after this long without a real change"),
    NOMINAL_FINGER(COMMON_PRACTICE, 16, "mm", "a finger is drawn this broad until the examiner has entered her own"),
    DUPLICATE_PAIRS(COMMON_PRACTICE, 10, "pairs", "duplicates before an examiner's own repeatability is used"),
    BY_THE_SIDE(COMMON_PRACTICE, 8, "weeks", "P-GAP-5: down and up by the side after birth, for"),
    BREATH(COMMON_PRACTICE, 6, "s", "P-BRE-1: ten breaths take about a minute"),
    FULL_HOLD(E_PERFECT, 10, "s", "longest hold that is trained"),
    FULL_REPETITIONS(E_PERFECT, 10, "repetitions", "most holds, and most flicks, in a set"),
    LEAST_REST(E_PERFECT, 4, "s", "shortest letting go between holds"),
    PAUSE_BEFORE_FLICKS(E_PERFECT, 60, "s", "rest before the flicks"),
    FADE(E_PERFECT, 35, "%", "a hold has faded when it falls by this much (palpation; on a trace an extrapolation)"),
    CONTRACTIONS_A_SET(E_NICE, 8, "contractions", "at least so many a set"),
    SETS_A_DAY(E_NICE, 3, "sets", "so many a day"),
    PELVIC_PROGRAMME(E_NICE, 12, "weeks", "say what has changed after (at least 3 months)"),
    PELVIC_PROGRAMME_HEAVY(E_NICE, 16, "weeks", "the same with heaviness (at least 4 months)"),
    LEAKAGE_SLIGHT(E_KLOV, 5, "points", "slight up to"),
    LEAKAGE_MODERATE(E_KLOV, 12, "points", "moderate up to"),
    LEAKAGE_SEVERE(E_KLOV, 18, "points", "severe up to"),
    LEAKAGE_VERY_SEVERE(E_KLOV, 21, "points", "very severe up to"),
    PELVIC_REVIEW(COMMON_PRACTICE, 14, "days", "the pelvic floor is checked again after"),
    EARLY_HOLD(COMMON_PRACTICE, 3, "s", "longest hold after birth before clearance"),
    EARLY_REPETITIONS(COMMON_PRACTICE, 5, "repetitions", "most lifts a set after birth before clearance"),
    WEAK_BELOW(COMMON_PRACTICE, 5, "s or flicks", "a best hold or a number of flicks below this is called weak"),
    EARLIEST_RECONNECT(COMMON_PRACTICE, 2, "weeks", "Early recovery, earliest"),
    EARLIEST_REBUILD(COMMON_PRACTICE, 6, "weeks", "Rebuilding, earliest"),
    EARLIEST_STRENGTHEN(COMMON_PRACTICE, 12, "weeks", "Strengthening, earliest"),
    RETURN_AFTER_SURGERY_OR_TEAR(
            COMMON_PRACTICE,
            16,
            "weeks",
            "Return to impact after a caesarean or a third- or fourth-degree tear, earliest"),
    NEWLY_DELIVERED(COMMON_PRACTICE, 2, "years", "time floors apply for this long after birth"),
    PRONE_AFTER_CAESAREAN(
            COMMON_PRACTICE, 8, "weeks", "on the front or full front support after a caesarean, earliest"),
    LIFTING_AFTER_CAESAREAN(COMMON_PRACTICE, 6, "weeks", "nothing heavier than the baby after a caesarean, until"),
    SCAR_TOUCH(COMMON_PRACTICE, 6, "weeks", "P-CS-1: gentle scar massage, earliest"),
    SCAR_DEEP(COMMON_PRACTICE, 12, "weeks", "P-CS-1: deep scar work, earliest"),
    SUPINE_LATE_LIMIT(COMMON_PRACTICE, 28, "weeks", "A8: none on the back from (limited from 20)"),
    SUPINE_EARLY_LIMIT(COMMON_PRACTICE, 18, "weeks", "A8: none on the back from (stricter choice)"),
    BALANCE_SUPPORT(COMMON_PRACTICE, 20, "weeks", "single-leg balance with support, from"),
    SHORT_HOLD(COMMON_PRACTICE, 10, "s", "longest still hold with high blood pressure"),
    STRAIGHT_LEG_RAISE_LIMIT(COMMON_PRACTICE, 4, "points", "no single-leg load from this score"),
    LETTING_GO_NEEDED(COMMON_PRACTICE, 8, "of 10", "full letting-go before lifts return"),
    PAIN_ACCEPTABLE(
            E_PAIN, 2, "of 10", "pain up to this is safe; more, and more than before, counts against an exercise"),
    PAIN_TOO_MUCH(E_PAIN, 5, "of 10", "pain above this stops"),
    PAIN_KEEPS_A_RUNG(
            COMMON_PRACTICE, 4, "of 10", "pain from this on keeps a level from rising, even if it was there before"),
    PAIN_WITHOUT_NUMBER(COMMON_PRACTICE, 3, "of 10", "pain nobody put a number to counts as"),
    SHORT_PAUSE(COMMON_PRACTICE, 14, "days", "P-PAUSE-1: one level down after so long without a session"),
    LONG_PAUSE(COMMON_PRACTICE, 42, "days", "P-PAUSE-1: two levels down, and a check first, after"),
    AFTER_DOMING(COMMON_PRACTICE, 2, "days", "no level rises after doming for"),
    NO_RISE_PREGNANT(COMMON_PRACTICE, 34, "weeks", "no level rises in pregnancy from; ready for birth is offered"),
    WEEKLY_MINUTES(E_ACOG804, 150, "minutes a week", "of movement, pregnant or neither, at least"),
    WEEKLY_MINUTES_AFTER_BIRTH(E_PP2025, 120, "minutes a week", "of movement after birth once cleared, at least"),
    MORE_EACH_WEEK(COMMON_PRACTICE, 20, "minutes", "weekly minutes are built up by at most"),
    RUN_ANSWERS_APART(COMMON_PRACTICE, 7, "days", "two answers of none so far apart before she runs again"),
    RUN_REFER_WITHIN(COMMON_PRACTICE, 28, "days", "leak or heaviness twice within this time: refer"),
    BLOCK_USUAL(COMMON_PRACTICE, 28, "days", "a block of weeks"),
    BLOCK_SHORTEST(COMMON_PRACTICE, 14, "days", "a shorter rest joins the next block"),
    BLOCK_LONGEST(COMMON_PRACTICE, 42, "days", "a block that waits for a stage is no longer than"),
    HOLD_REPEATABILITY(COMMON_PRACTICE, 2, "s", "a best hold has changed by more than"),
    COUNT_REPEATABILITY(COMMON_PRACTICE, 2, "times", "a number of holds or flicks has changed by more than"),
    RAISE_REPEATABILITY(COMMON_PRACTICE, 1, "points", "a straight leg raise has changed by more than"),
    LOAD_UP(COMMON_PRACTICE, 10, "%", "a load that was too easy grows by"),
    LOAD_DOWN(COMMON_PRACTICE, 20, "%", "a load that was too much, or after a pause, shrinks by"),
    LOAD_FIRST_TRIMESTER(COMMON_PRACTICE, 100, "%", "of her load before, in the first trimester"),
    LOAD_SECOND_TRIMESTER(COMMON_PRACTICE, 80, "%", "of her load before, in the second trimester"),
    LOAD_THIRD_TRIMESTER(COMMON_PRACTICE, 60, "%", "of her load before, in the third trimester"),
    LOAD_REBUILD(COMMON_PRACTICE, 40, "%", "of her load before, to begin with in Rebuilding"),
    LOAD_STRENGTHEN(COMMON_PRACTICE, 60, "%", "of her load before, to begin with in Strengthening"),
    LOAD_RETURN(COMMON_PRACTICE, 80, "%", "of her load before, to begin with in Return to impact"),
    RESERVE_PREGNANT(COMMON_PRACTICE, 3, "repetitions", "left in reserve in each heavy set while pregnant"),
    RESERVE_REBUILD(COMMON_PRACTICE, 4, "repetitions", "left in reserve in each set, 6 to 12 weeks after a birth"),
    RESERVE_STRENGTHEN(COMMON_PRACTICE, 3, "repetitions", "left in reserve in each set, 12 to 26 weeks after a birth"),
    RESERVE_RETURN(COMMON_PRACTICE, 2, "repetitions", "left in reserve in each set after that"),
    LOAD_FIRST_TIME(COMMON_PRACTICE, 80, "%", "of her load before, the first time here"),
    LIFTED_FOR_LIGHT(COMMON_PRACTICE, 15, "times", "a weight is light when she could lift it"),
    SUPINE_BOUT(COMMON_PRACTICE, 3, "minutes", "longest on the back at a stretch while that time is limited"),
    GENTLE_FROM(COMMON_PRACTICE, 20, "% of her strength", "a gentle lift, from"),
    GENTLE_TO(COMMON_PRACTICE, 30, "% of her strength", "a gentle lift, up to"),
    RELEASES_A_DAY(COMMON_PRACTICE, 3, "times a day", "release positions, at most"),
    LONGEST_FORECAST(COMMON_PRACTICE, 26, "weeks", "no gap is forecast further ahead than"),
    SYMPTOM_MEMORY(COMMON_PRACTICE, 14, "days", "symptoms count for");

    private final Source source;
    private final int amount;
    private final String unit;
    private final String meaning;

    Published(Source source, int amount, String unit, String meaning) {
        this.source = source;
        this.amount = amount;
        this.unit = unit;
        this.meaning = meaning;
    }

    public Source source() {
        return source;
    }

    /** The number, in {@link #unit()}. */
    public int amount() {
        return amount;
    }

    public String unit() {
        return unit;
    }

    public String meaning() {
        return meaning;
    }

    /** A sentence with each {@code {}} replaced by a number, in order, so that no sentence types one. */
    public static String said(String sentence, Published... numbers) {
        String said = sentence;
        for (Published number : numbers) {
            said = said.replaceFirst("\\{}", Integer.toString(number.amount()));
        }
        return said;
    }

    /**
     * The number in days.
     *
     * @throws IllegalStateException if the unit is no length of time
     */
    public int days() {
        return switch (unit) {
            case "days" -> amount;
            case "weeks" -> 7 * amount;
            default -> throw new IllegalStateException("Expected days or weeks, but " + this + " is in " + unit);
        };
    }
}
