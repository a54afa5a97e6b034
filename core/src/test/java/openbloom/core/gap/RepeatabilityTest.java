package openbloom.core.gap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.hipparchus.stat.descriptive.DescriptiveStatistics;
import org.junit.jupiter.api.Test;

class RepeatabilityTest {
    /** Peak flow, large meter, 17 people: from memory of Bland & Altman 1986. */
    private static final int[] PEAK_FLOW = {
        494, 490, 395, 397, 516, 512, 434, 401, 476, 470, 557, 611, 413, 415, 442, 431, 650, 638, 433, 429, 417, 420,
        656, 633, 267, 275, 478, 492, 178, 165, 423, 372, 427, 421
    };

    @Test
    void givesThePublishedFiguresOfThePeakFlowExample() {
        List<Repeatability.ReadingPair> pairs = new ArrayList<>();
        for (int i = 0; i < PEAK_FLOW.length; i += 2) {
            pairs.add(new Repeatability.ReadingPair(PEAK_FLOW[i], PEAK_FLOW[i + 1]));
        }
        Repeatability found = Repeatability.of(pairs);
        assertThat(found.n()).isEqualTo(17);
        assertThat(found.withinSubjectSd()).isCloseTo(15.31, within(0.005));
        assertThat(found.sdOfDifferences()).isCloseTo(21.65, within(0.005));
        assertThat(found.coefficient()).isCloseTo(42.4, within(0.05));
    }

    /** Two readings of one person: s_w² is the mean of the pairs' own variances, as a general library computes them. */
    @Test
    void agreesWithTheMeanOfTheVariancesOfAGeneralLibrary() {
        Random random = new Random(20261124);
        for (int run = 0; run < 200; run++) {
            List<Repeatability.ReadingPair> pairs = new ArrayList<>();
            DescriptiveStatistics variances = new DescriptiveStatistics();
            for (int i = 0; i < 1 + random.nextInt(30); i++) {
                double first = 10 + 40 * random.nextDouble();
                double second = first + random.nextGaussian();
                pairs.add(new Repeatability.ReadingPair(first, second));
                DescriptiveStatistics one = new DescriptiveStatistics();
                one.addValue(first);
                one.addValue(second);
                variances.addValue(one.getVariance());
            }
            assertThat(Repeatability.of(pairs).withinSubjectSd())
                    .isCloseTo(Math.sqrt(variances.getMean()), within(1e-9));
        }
    }

    @Test
    void needsAPair() {
        assertThatIllegalArgumentException().isThrownBy(() -> Repeatability.of(List.of()));
    }
}
