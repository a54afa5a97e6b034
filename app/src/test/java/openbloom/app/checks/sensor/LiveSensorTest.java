package openbloom.app.checks.sensor;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.util.Arrays;
import java.util.List;
import openbloom.app.PageTest;
import openbloom.core.pelvicfloor.trace.SensorProfile;
import openbloom.core.pelvicfloor.trace.SimulatedSensor;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.MvcResult;

class LiveSensorTest extends PageTest {
    private static final String STREAM = "/bench/live?profile=TYPICAL&protocol=SHORT&seed=7";

    @Test
    void streamsWhatTheSameSeedKeeps() throws Exception {
        long rhona = people.page(ines, "rhona", 0).women().get(0).id();
        MvcResult streaming =
                mvc.perform(get("/people/" + rhona + STREAM).with(user(ines))).andReturn();
        assertThat(streaming.getRequest().isAsyncStarted()).isTrue();
        List<String> samples = List.of();
        for (int wait = 0; wait < 100 && samples.size() < 5; wait++) {
            Thread.sleep(100);
            samples = Arrays.stream(streaming.getResponse().getContentAsString().split("\n"))
                    .filter(line -> line.startsWith("data:"))
                    .toList();
        }
        assertThat(samples).hasSizeGreaterThanOrEqualTo(5);
        SimulatedSensor same = SensorRecordings.sensor(SensorProfile.TYPICAL, SensorTask.SHORT, 7);
        double sum = 0;
        for (int i = 0; i < 5; i++) {
            sum += same.next().value();
        }
        assertThat(samples.get(0)).isEqualTo(String.format(java.util.Locale.ROOT, "data:0.08,%.3f", sum / 5));
    }

    @Test
    void streamsNothingForWhatItDoesNotKnow() throws Exception {
        long rhona = people.page(ines, "rhona", 0).women().get(0).id();
        for (String wrong : List.of(
                STREAM.replace("TYPICAL", "HAPPY"), STREAM.replace("SHORT", "LONG"), STREAM.replace("=7", "=0"))) {
            assertThat(status(get("/people/" + rhona + wrong).with(user(ines))))
                    .as(wrong)
                    .isEqualTo(404);
        }
        assertThat(status(get("/people/999999" + STREAM).with(user(ines)))).isEqualTo(404);
    }

    @Test
    void keepsOnlyWhatWasRecordedWhenItWasStopped() {
        assertThat(SensorRecordings.simulated(SensorProfile.TYPICAL, SensorTask.SHORT, 3, 10)
                        .trace()
                        .seconds())
                .isBetween(9.9, 10.1);
        TraceFile.TraceRead lossy = SensorRecordings.simulated(SensorProfile.DROP_OUTS, SensorTask.SHORT, 3, 900);
        assertThat(lossy.trace().seconds()).isBetween(100.0, 140.0);
        assertThat(lossy.repairs()).singleElement().asString().contains("without contact");
    }
}
