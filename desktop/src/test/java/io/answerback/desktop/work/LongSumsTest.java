package io.answerback.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.IpFrame;
import io.answerback.core.signal.format.IpFrames;
import io.answerback.core.signal.format.IpSignals;
import io.answerback.files.DataFiles;
import io.answerback.station.PracticeStation;
import io.answerback.station.StationRules;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/// As many long sums as there are processors, as windows and their sheets make them.
@ExtendWith(ApplicationExtension.class)
class LongSumsTest {
    private static final int PROCESSORS = Runtime.getRuntime().availableProcessors();

    private final List<Calculations> windows = new ArrayList<>();
    private final List<Background> sheets = new ArrayList<>();
    private final CountDownLatch begun = new CountDownLatch(2 * PROCESSORS);
    private final AtomicBoolean answered = new AtomicBoolean();

    private String sum() {
        begun.countDown();
        while (!answered.get()) {
            Thread.onSpinWait();
        }
        return "done";
    }

    @AfterEach
    void close() {
        answered.set(true);
        WaitForAsyncUtils.waitForAsyncFx(10_000, () -> windows.forEach(Calculations::close));
        sheets.forEach(Background::close);
    }

    @Test
    void theStationAnswersBesideThem() throws Exception {
        WaitForAsyncUtils.waitForAsyncFx(10_000, () -> {
            for (int i = 0; i < PROCESSORS; i++) {
                windows.add(new Calculations());
                windows.getLast().compute(this::sum, done -> {}, failed -> {});
                sheets.add(new Background(wrong -> {}));
                sheets.getLast().compute(this::sum, done -> {});
            }
        });
        assertThat(begun.await(10, TimeUnit.SECONDS)).isTrue();
        try (PracticeStation station = PracticeStation.listen(
                        InetAddress.getLoopbackAddress(),
                        0,
                        StationRules.standard(new IpSignals(DataFiles.letters())),
                        InstantSource.system(),
                        received -> {});
                Socket line = new Socket(
                        InetAddress.getLoopbackAddress(), station.address().getPort())) {
            line.setSoTimeout(10_000);
            Signal signal = new Signal("7316", Qualifier.NEW, "130", 1, 7);
            IpFrame frame =
                    IpFrame.of(signal, 1, "1", "0", InstantSource.system().instant());
            line.getOutputStream().write(IpFrames.encode(frame).getBytes(StandardCharsets.ISO_8859_1));
            assertThat(line.getInputStream().read()).isNotNegative();
        }
    }
}
