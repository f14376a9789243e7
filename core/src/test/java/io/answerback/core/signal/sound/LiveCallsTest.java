package io.answerback.core.signal.sound;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.receiver.ReportFormat;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.ContactId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/// Calls that are cut out of sound that goes on.
class LiveCallsTest {
    private static String digits(int zone) {
        return ContactId.encode(new Signal("7316", Qualifier.NEW, "130", 1, zone));
    }

    private static CallScript add(CallScript script, int zone) {
        return script.handshakeOfTones().tones(digits(zone)).acknowledge(1400);
    }

    private static List<Sound> cut(LiveCalls calls, float[] samples, int chunk) {
        List<Sound> cut = new ArrayList<>();
        for (int at = 0; at < samples.length; at += chunk) {
            float[] next = Arrays.copyOfRange(samples, at, Math.min(samples.length, at + chunk));
            cut.addAll(calls.hear(next, next.length));
        }
        return cut;
    }

    private static List<String> reports(List<Sound> calls) {
        return calls.stream()
                .flatMap(call -> Listening.to(call, ReportFormat.TONES).reports().stream())
                .toList();
    }

    @Property(tries = 25)
    void eachCallIsCutOutWholeHoweverTheSoundArrives(
            @ForAll @IntRange(min = 1, max = 9000) int chunk,
            @ForAll @IntRange(min = 20, max = 60) int noise,
            @ForAll @IntRange(min = -25, max = -5) int level) {
        CallScript script =
                add(add(new CallScript().silence(2000), 7).silence(6000), 8).silence(6000);
        Sound sound = Synthesis.of(script.call(), new LineQuality(level, noise, 0, 0), new Random(2));
        LiveCalls calls = new LiveCalls(Sound.LINE_RATE);
        List<Sound> cut = cut(calls, sound.samples(), chunk);
        assertThat(reports(cut)).containsExactly(digits(7), digits(8));
        assertThat(cut).allSatisfy(call -> assertThat(call.seconds()).isLessThan(9));
        assertThat(calls.inCall()).isFalse();
        assertThat(calls.rest()).isEmpty();
    }

    @Test
    void aCallThatGoesOnIsReadAsFarAsItWasHeard() {
        CallScript script = add(new CallScript().silence(1000), 7);
        LiveCalls calls = new LiveCalls(Sound.LINE_RATE);
        float[] samples =
                Synthesis.of(script.call(), LineQuality.GOOD, new Random(2)).samples();
        assertThat(cut(calls, samples, 800)).isEmpty();
        assertThat(calls.inCall()).isTrue();
        assertThat(reports(calls.rest().stream().toList())).containsExactly(digits(7));
        assertThat(calls.inCall()).isFalse();
    }

    @Test
    void aClickAndALineByItselfAreNotCalls() {
        LiveCalls calls = new LiveCalls(Sound.LINE_RATE);
        float[] samples = new float[20 * Sound.LINE_RATE];
        Random random = new Random(1);
        for (int i = 0; i < samples.length; i++) {
            samples[i] = (float) (0.002 * random.nextGaussian());
        }
        Arrays.fill(samples, 40_000, 40_080, 0.8f);
        assertThat(cut(calls, samples, 1600)).isEmpty();
        assertThat(calls.rest()).isEmpty();
    }
}
