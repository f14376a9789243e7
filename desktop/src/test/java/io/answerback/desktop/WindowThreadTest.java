package io.answerback.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.PointId;
import io.answerback.desktop.shell.SheetPlace;
import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.Collectors;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/// What the window's thread spends in core. Its stack is looked at again and again while the window is worked
/// with; of what it is found in core without a break, the processor time it took is counted, so that a busy
/// machine does not count.
class WindowThreadTest extends DemoWindow {
    private static final double FRAME_MILLIS = 1000 / 60.0;
    private static final String CORE = "io.answerback.core.";

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    private boolean longer;

    /// A stay in core: how much processor time, and where it was found first.
    private record Stay(double millis, String where) {}

    /// What is found in only one of two passes comes from the machine: code was compiled at that moment, or the
    /// watcher had to wait.
    @Test
    void coreIsNotEnteredForMoreThanAFrame() throws Exception {
        onScreen(() -> application.openJob().waitUpTo(Duration.ofMillis(8)));
        everySheetAndAnEdit();
        List<Stay> tooLong = tooLong();
        if (tooLong.isEmpty()) {
            return;
        }
        Set<String> again = tooLong().stream().map(Stay::where).collect(Collectors.toSet());
        assertThat(tooLong).filteredOn(stay -> again.contains(stay.where())).isEmpty();
    }

    /// The stays of one pass over every sheet that took longer than a frame.
    private List<Stay> tooLong() throws Exception {
        Thread window = windowThread();
        AtomicBoolean over = new AtomicBoolean();
        try (ExecutorService watcher = Executors.newSingleThreadExecutor()) {
            Future<List<Stay>> stays = watcher.submit(() -> watch(window, over));
            try {
                everySheetAndAnEdit();
            } finally {
                over.set(true);
            }
            return stays.get(10, TimeUnit.SECONDS).stream()
                    .filter(stay -> stay.millis() > FRAME_MILLIS)
                    .toList();
        }
    }

    private Thread windowThread() throws ExecutionException, InterruptedException {
        return WaitForAsyncUtils.asyncFx(Thread::currentThread).get();
    }

    /// On each sheet of each stop another point is selected, and a cable made longer or shorter again.
    private void everySheetAndAnEdit() {
        for (SheetPlace sheet : application.benches().sheets()) {
            soon(sheet.open());
            longer = !longer;
            soon(() -> application.openJob().select(new PointId(longer ? "22" : "07")));
            soon(() -> application.openJob().apply(Edits.cableMetres(new CableId("C-22"), longer ? 61 : 60)));
        }
    }

    /// Does something, and lets what it puts off to the next moment be done too.
    private static void soon(Runnable change) {
        WaitForAsyncUtils.waitForAsyncFx(10_000, change);
        WaitForAsyncUtils.waitForAsyncFx(10_000, () -> {});
    }

    private static List<Stay> watch(Thread window, AtomicBoolean over) {
        ThreadMXBean threads = ManagementFactory.getThreadMXBean();
        List<Stay> stays = new ArrayList<>();
        long began = 0;
        String where = "";
        while (!over.get()) {
            StackTraceElement[] stack = window.getStackTrace();
            long now = threads.getThreadCpuTime(window.threadId());
            String here = Arrays.stream(stack).anyMatch(WindowThreadTest::inCore) ? where(stack) : "";
            if (!here.equals(where)) {
                if (!where.isEmpty()) {
                    stays.add(new Stay((now - began) / 1e6, where));
                }
                began = now;
                where = here;
            }
            LockSupport.parkNanos(2_000_000);
        }
        return stays;
    }

    private static boolean inCore(StackTraceElement frame) {
        return frame.getClassName().startsWith(CORE);
    }

    /// The last step of the window before core, and the first in it.
    private static String where(StackTraceElement[] stack) {
        int at = stack.length - 1;
        while (!inCore(stack[at])) {
            at--;
        }
        return stack[at + 1] + " -> " + stack[at];
    }
}
