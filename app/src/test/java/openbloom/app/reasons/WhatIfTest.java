package openbloom.app.reasons;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.time.LocalDate;
import java.util.Optional;
import openbloom.app.PageTest;
import openbloom.app.people.Woman;
import openbloom.app.system.FormReader;
import openbloom.core.YesNoUnknown;
import openbloom.core.gap.Depth;
import openbloom.core.gap.Firmness;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.Width;
import openbloom.core.record.Client;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The bench of judgement: one changed fact, the verdicts it changes and the rule that did it. */
class WhatIfTest extends PageTest {
    @ParameterizedTest
    @CsvSource({
        "situation=BORN&weeks=30&domed=YES, GAP-DEEP",
        "situation=PREGNANT&weeks=20&symptoms=PELVIC_GIRDLE_PAIN, PGP-SYM",
        "situation=NEITHER&conditions=HIGH_BLOOD_PRESSURE_UNCONTROLLED, STOP-REL-HIGH-BLOOD-PRESSURE-UNCONTROLLED-NOT-PREGNANT",
        "situation=NEITHER&training=SPORT&moves=double-leg-lower, LADDER-START"
    })
    void namesTheRuleThatDidIt(String facts, String code) throws Exception {
        assertThat(page("/reasons/what-if?" + facts)).contains("#" + code + "\"");
    }

    @Test
    void takesAWomanOfTheStudioAndNobodyElses() throws Exception {
        Woman woman = askedWoman("Doubted");
        assertThat(page("/reasons/what-if?woman=" + woman.id())).contains(woman.name());
        String strangers =
                as(stranger(), get("/reasons/what-if?woman=" + woman.id())).getContentAsString();
        assertThat(strangers).doesNotContain(woman.name());
    }

    @Test
    void refusesWhatMakesNoSenseBesideTheField() throws Exception {
        assertThat(body(get("/reasons/what-if?situation=PREGNANT&weeks=90"))).contains("Give a whole number from 0 to");
        assertThat(body(get("/reasons/what-if?situation=BORN&weeks=4&births=0")))
                .contains("problem-births");
        assertThat(body(get("/reasons/what-if?symptoms=PURPLE"))).contains("is not one of the choices");
    }

    @Test
    void leavesWhatWasNotTypedAsItIs() {
        LocalDate day = LocalDate.of(2026, 3, 2);
        GapCheck soft = GapCheck.alike(
                day.minusDays(3),
                Width.ofHalfFingers(6),
                Optional.of(Depth.DEEPER),
                Optional.of(Firmness.SOFT),
                YesNoUnknown.YES);
        WhatIfForm narrower = new WhatIfForm(
                new WhatIfForm.Her(null, null, null, null, null),
                new WhatIfForm.Says(null, null, null),
                new WhatIfForm.GapTyped("2", null, null),
                new WhatIfForm.Looked(null));
        assertThat(narrower.changed(Client.of(1, 1, 33).gap(soft).build(), day, new FormReader())
                        .checks()
                        .gap())
                .contains(GapCheck.alike(
                        day,
                        Width.ofHalfFingers(4),
                        Optional.of(Depth.DEEPER),
                        Optional.of(Firmness.SOFT),
                        YesNoUnknown.YES));
        assertThat(narrower.changed(Client.of(1, 1, 33).build(), day, new FormReader())
                        .checks()
                        .gap())
                .as("a width alone says neither how deep it is nor whether it domes")
                .contains(GapCheck.alike(
                        day, Width.ofHalfFingers(4), Optional.empty(), Optional.empty(), YesNoUnknown.UNKNOWN));
    }
}
