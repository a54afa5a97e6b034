package openbloom.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.platform.engine.discovery.ClassNameFilter.excludeClassNamePatterns;
import static org.junit.platform.engine.discovery.ClassNameFilter.includeClassNamePatterns;
import static org.junit.platform.engine.discovery.DiscoverySelectors.selectPackage;

import java.util.List;
import java.util.TreeSet;
import org.junit.jupiter.api.ClassOrderer;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.junit.platform.engine.TestExecutionResult;
import org.junit.platform.launcher.LauncherDiscoveryRequest;
import org.junit.platform.launcher.TestExecutionListener;
import org.junit.platform.launcher.TestIdentifier;
import org.junit.platform.launcher.core.LauncherDiscoveryRequestBuilder;
import org.junit.platform.launcher.core.LauncherFactory;

/**
 * Every test class but the walks, twice on one database, each time in an order drawn from a seed: what one test leaves behind may
 * not be what another needs. Long, so only where it is asked for: {@code ./bloom twice 7}.
 */
@EnabledIfSystemProperty(named = "bloom.twice", matches = "\\d+")
class TwiceTest {
    @ParameterizedTest
    @ValueSource(ints = {1, 2})
    void nothingNeedsAnOrder(int round) {
        long seed = Long.parseLong(System.getProperty("bloom.twice")) + round;
        List<String> failed = run(LauncherDiscoveryRequestBuilder.request()
                .selectors(selectPackage("openbloom.app"))
                .filters(
                        includeClassNamePatterns(System.getProperty("bloom.twice.classes", ".*Test")),
                        excludeClassNamePatterns(".*WalkTest", ".*FuzzTest", ".*TwiceTest"))
                .configurationParameter("junit.jupiter.testclass.order.default", ClassOrderer.Random.class.getName())
                .configurationParameter("junit.jupiter.testmethod.order.default", MethodOrderer.Random.class.getName())
                .configurationParameter("junit.jupiter.execution.order.random.seed", Long.toString(seed))
                .build());
        assertThat(failed).as("order " + seed).isEmpty();
    }

    private static List<String> run(LauncherDiscoveryRequest request) {
        TreeSet<String> failed = new TreeSet<>();
        LauncherFactory.create().execute(request, new TestExecutionListener() {
            @Override
            public void executionFinished(TestIdentifier test, TestExecutionResult result) {
                result.getThrowable()
                        .filter(why -> result.getStatus() == TestExecutionResult.Status.FAILED)
                        .ifPresent(why -> failed.add(test.getUniqueId() + ": " + why));
            }
        });
        return List.copyOf(failed);
    }
}
