package openbloom.core.evidence;

import static openbloom.core.evidence.Confidence.HIGH;
import static openbloom.core.evidence.Confidence.MEDIUM;
import static openbloom.core.evidence.Confidence.PRACTICE;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import openbloom.core.Texts;

/**
 * The registry of sources. Every reason points at one of them, every published number hangs on one of them.
 *
 * @see Published
 */
public enum Source {
    E_DATE(
            "ACOG Committee Opinion 700, methods for estimating the due date",
            2017,
            HIGH,
            "Due date from last period, conception or embryo transfer"),
    E_REDATE(
            "ACOG Committee Opinion 700, re-dating by ultrasound",
            2017,
            HIGH,
            "When an ultrasound replaces the date from the last period"),
    E_TRIM("ACOG, trimester boundaries", 2017, HIGH, "First to 13w6d, second to 27w6d, third from 28w0d"),
    E_TERM(
            "ACOG Committee Opinion 579, definition of term pregnancy",
            2013,
            HIGH,
            "Preterm, early, full, late and post-term"),
    E_ACOG804(
            "ACOG Committee Opinion 804, physical activity and exercise in pregnancy and after birth",
            2020,
            HIGH,
            "Minutes a week, talk test, effort (13–14 on the 6–20 scale: fairly sure), no long periods flat on the back"),
    E_CAN2018(
            "Mottola et al., Canadian guideline for physical activity throughout pregnancy",
            2018,
            HIGH,
            "Minutes over at least three days; change position when unwell on the back"),
    E_HR(
            "Mottola et al., heart-rate ranges by age",
            2018,
            HIGH,
            "Light, moderate and vigorous ranges; age 29 is unassigned in print and uses the lower row"),
    E_CONTRA(
            "Mottola et al., contraindications to exercise in pregnancy",
            2018,
            HIGH,
            "Absolute and relative contraindications"),
    E_WARN("ACOG Committee Opinion 804, signs to stop", 2020, HIGH, "Signs in pregnancy that end the session"),
    E_URGENT(
            "CDC, urgent maternal warning signs",
            2020,
            HIGH,
            "Signs up to a year after birth that need help now (wording: fairly sure)"),
    E_WHO(
            "WHO guidelines on physical activity and sedentary behaviour",
            2020,
            MEDIUM,
            "Gradual return; avoid lying on the back after the first trimester"),
    E_SUPINE(
            "Lying on the back in pregnancy: Canadian guideline 2018, ACOG 804, UK practice and WHO 2020 set side by side",
            2020,
            HIGH,
            "Cut-offs differ; compression of the great vessels from about 20 weeks"),
    E_PP2025(
            "Canadian guideline for physical activity after birth",
            2025,
            MEDIUM,
            "At least 120 minutes a week over four days; daily pelvic floor training"),
    E_PPCARE(
            "ACOG Committee Opinion 736 (2018) and NICE NG194 (2021), care after birth",
            2021,
            HIGH,
            "Contact within 3 weeks, the 6–8 week check, a full visit by 12 weeks"),
    E_FASCIA(
            "Ceydeli, Rucinski & Wise, strength of abdominal fascia after surgery",
            2005,
            MEDIUM,
            "About half strength at 6 weeks, most of it at 6–7 months; surgery in general"),
    E_RUN(
            "Goom, Donnelly & Brockwell, returning to running after birth",
            2019,
            HIGH,
            "Not before 3 months; load, balance and strength tests without symptoms"),
    E_ASLR("Mens et al., active straight leg raise", 2001, HIGH, "Each side 0–5, sum 0–10"),
    E_OSTEO(
            "Giangregorio et al., Too Fit To Fracture",
            2014,
            HIGH,
            "Strength and balance first; no rapid, repeated, loaded or end-range bending and twisting of the spine"),
    E_BOISS(
            "Boissonnault & Blaschak, diastasis recti in the childbearing year",
            1988,
            HIGH,
            "More than two finger widths at 4.5 cm above, at, or 4.5 cm below the navel"),
    E_RATH("Rath et al., the abdominal linea alba", 1996, HIGH, "Millimetre limits by age and site"),
    E_BEER(
            "Beer et al., normal width of the linea alba in women who have not given birth",
            2009,
            HIGH,
            "15 mm at the xiphoid, 22 mm above, 16 mm below"),
    E_SPER(
            "Sperstad et al., diastasis recti in pregnancy and the first year",
            2016,
            HIGH,
            "From two finger widths; grades (fairly sure); how common it is"),
    E_EHS("European Hernia Society, rectus diastasis", 2021, HIGH, "More than 2 cm; grades by width (fairly sure)"),
    E_MOTA18("Mota et al., inter-recti distance after a first birth", 2018, MEDIUM, "20th to 80th centile at 6 months"),
    E_RELI(
            "Mota 2013; van de Water & Benjamin 2016, reliability of measuring the gap",
            2016,
            MEDIUM,
            "Fingers are a screen; calipers and ultrasound measure"),
    E_BA(
            "Bland & Altman, measurement error, BMJ 313:744",
            1996,
            HIGH,
            "Within-subject SD and repeatability coefficient"),
    E_CURL(
            "Lee & Hodges 2016; Gluppe et al. 2023, curl-ups and the midline",
            2023,
            HIGH,
            "Flexion is gated by doming and control, not feared"),
    E_DUFOUR(
            "Dufour et al., expert consensus on diastasis",
            2019,
            MEDIUM,
            "Tension of the midline matters as well as its width"),
    E_PERFECT(
            "Laycock & Jerwood, the PERFECT scheme",
            2001,
            HIGH,
            "Endurance, repetitions and fast contractions; the check is the prescription"),
    E_NICE(
            "NICE NG123 (2019) and NG210 (2021)",
            2021,
            HIGH,
            "At least 8 contractions, 3 times a day, for at least 3 months (4 for prolapse: fairly sure)"),
    E_BO("Bø, pelvic floor muscle training", 1999, HIGH, "8–12 close-to-maximal contractions, 6–8 s, 3 sets a day"),
    E_ICS("Messelink et al., International Continence Society", 2005, HIGH, "Words for pelvic floor muscle function"),
    E_KNACK("Miller et al., a lift timed before a cough", 1998, HIGH, "A lift just before a cough reduces leakage"),
    E_SAPS(
            "Sapsford et al., co-activation of abdominals and pelvic floor",
            2001,
            HIGH,
            "Deep abdominals and pelvic floor work together"),
    E_DOWN(
            "Faubion et al. 2012; FitzGerald & Kotarinos 2003, release before strengthening",
            2012,
            MEDIUM,
            "Release first when the muscle cannot let go or hurts"),
    E_GLAZER(
            "Glazer, surface-EMG sequence of rest, flicks, holds, one long hold, rest",
            1999,
            MEDIUM,
            "The order and lengths of the sequence; microvolts depend on the device and are never graded"),
    E_KLOV(
            "Klovning et al., bands of a 0–21 leakage total",
            2009,
            HIGH,
            "1–5 slight, 6–12 moderate, 13–18 severe, 19–21 very severe"),
    E_UNITS("SI brochure, pressure units", 2019, HIGH, "1 cmH2O is 0.980665 hPa or 0.73556 mmHg"),
    E_PAIN(
            "Thomeé 1997; Silbernagel 2007, the pain-monitoring model",
            2007,
            HIGH,
            "0–2 of 10 safe, 3–5 acceptable if gone by the next morning; made for tendons and knees, not for the pelvis"),
    E_RCOG29(
            "RCOG Green-top guideline 29, third- and fourth-degree tears",
            2015,
            HIGH,
            "Pelvic floor physiotherapy and a review at 6–12 weeks; it says nothing of exercise classes"),
    E_RCOG57(
            "RCOG Green-top guideline 57, reduced fetal movements",
            2011,
            HIGH,
            "Fewer movements from 28 weeks, or none felt by 24: contact the maternity unit at once"),
    E_PRAEVIA(
            "Older ACOG lists, placenta praevia",
            2002,
            MEDIUM,
            "Absolute after 26 weeks; the newer list says 28, and both are shown"),
    E_OSTEO22(
            "Brooke-Wavell et al., UK consensus on exercise for osteoporosis",
            2022,
            MEDIUM,
            "Strong, steady, straight; moderate impact may help where there is no fracture and it is comfortable"),
    E_SURGERY(
            "RCOG, recovering well: leaflets for women after hysterectomy, keyhole surgery and pelvic floor repair",
            2015,
            MEDIUM,
            "Walking from the first days, nothing heavy for 4–6 weeks (longer after open surgery or a repair); from memory"),
    COMMON_PRACTICE(
            "Common practice among women's-health movement instructors",
            0,
            PRACTICE,
            "Rules of thumb with no published source");

    private final String citation;
    private final int year;
    private final Confidence confidence;
    private final String supports;

    Source(String citation, int year, Confidence confidence, String supports) {
        this.citation = citation;
        this.year = year;
        this.confidence = confidence;
        this.supports = supports;
    }

    /** The key shown and stored, such as {@code E-SUPINE}; {@code common practice} for rules of thumb. */
    public String key() {
        return this == COMMON_PRACTICE ? "common practice" : name().replace('_', '-');
    }

    /** {@code ACOG 2020}: who says it, and when. */
    public String shortName() {
        if (this == COMMON_PRACTICE) {
            return key();
        }
        String who = citation.split(",|;|:| \\(| Committee| et al\\.| & | Green-top| guidelines? ")[0];
        return year == 0 || who.matches(".*\\d{4}") ? who : who + " " + year;
    }

    /** The short name of a source kept by its key; the key itself where no version knows it any more. */
    public static String shortNameOf(String key) {
        return Arrays.stream(values())
                .filter(source -> source.key().equals(key))
                .findFirst()
                .map(Source::shortName)
                .orElse(key);
    }

    public String citation() {
        return citation;
    }

    /** Year of publication; 0 for common practice, which has none. */
    public int year() {
        return year;
    }

    public Confidence confidence() {
        return confidence;
    }

    public String supports() {
        return supports;
    }

    /** The numbers this source gives to the rules. */
    public List<Published> numbers() {
        return Arrays.stream(Published.values())
                .filter(value -> value.source() == this)
                .toList();
    }

    public static Optional<Source> parse(String key) {
        return Arrays.stream(values())
                .filter(source -> source.key().equals(key))
                .findFirst();
    }

    /** What must not be read into it. */
    public String doesNotSay() {
        return NotSaid.TEXTS.of(this);
    }

    /** Read when first asked for. */
    private static final class NotSaid {
        private static final Texts TEXTS = Texts.beside(Source.class, "not-said.properties");
    }
}
