package io.answerback.benchmarks;

import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.id.PointId;
import io.answerback.desktop.ApplicationWindow;
import io.answerback.desktop.Opened;
import io.answerback.desktop.Opening;
import io.answerback.desktop.cable.CableSheet;
import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.InstantSource;
import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.function.IntConsumer;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.control.Slider;
import javafx.scene.control.skin.VirtualFlow;
import javafx.stage.Stage;

/// Does something every frame on a job of 500 points, as a key that is held down or a slider that is dragged
/// does it, and prints how much processor time the window's thread spends a frame.
public final class FrameWindow extends Application {
    private static final int POINTS = 500;
    private static final int WARM_UP = 120;
    private static final String FRAMES = "300";
    private static final double PIXELS_A_FRAME = 30;

    private final Deque<Doing> all = new ArrayDeque<>();
    private ApplicationWindow application;
    private Stage stage;
    private int frames;

    /// Something that is done every frame.
    ///
    /// @param begin gets everything ready
    /// @param step does it once more, counted from 0
    private record Doing(String name, Runnable begin, IntConsumer step) {}

    /// Starts it.
    public static void main(String[] arguments) {
        launch(arguments);
    }

    @Override
    public void start(Stage shown) throws Exception {
        stage = shown;
        frames = Integer.parseInt(getParameters().getNamed().getOrDefault("frames", FRAMES));
        Path scratch = Files.createTempDirectory("answerback-frames");
        application = new ApplicationWindow(
                stage, Opened.read(new Opening.Demo(1), scratch), scratch, InstantSource.system(), 0, Duration.ZERO);
        application.show();
        application.openJob().put(LargeJobs.of(POINTS), Optional.empty(), "");
        all.add(new Doing("a picture alone", () -> application.openJob().go(Stop.SURVEY), this::redraw));
        all.add(new Doing(
                "a move of the loop's slider", () -> application.openJob().go(Stop.LOOP), this::slide));
        all.add(new Doing(
                "a move of the battery's slider", () -> application.openJob().go(Stop.POWER), this::slide));
        for (Stop stop : Stop.values()) {
            all.add(new Doing(
                    "the next point at " + stop.title(),
                    () -> {
                        application.openJob().go(stop);
                        application
                                .openJob()
                                .select(application
                                        .openJob()
                                        .now()
                                        .job()
                                        .points()
                                        .getFirst()
                                        .id());
                    },
                    this::next));
        }
        all.add(new Doing("the next point at all cables", this::allCables, this::next));
        all.add(new Doing("scrolling all cables", this::allCables, this::scroll));
        List<String> wanted = getParameters().getUnnamed();
        all.removeIf(doing -> !doing.name().equals("a picture alone")
                && wanted.stream().anyMatch(word -> !doing.name().contains(word)));
        new Timed(all.poll()).start();
    }

    /// The whole window is drawn anew and nothing else is done: what the platform takes to show a picture, which
    /// the offscreen one does on the window's thread, pixel by pixel.
    private void redraw(int step) {
        stage.getScene().getRoot().setOpacity(1 - step % 2 * 0.01);
    }

    private void allCables() {
        application.openJob().go(Stop.CABLE);
        application.benches().cable().open(CableSheet.CABLES);
    }

    /// A row or so at a time, down the list and up again.
    private void scroll(int step) {
        if (stage.getScene().lookup(".middle .row-list .virtual-flow") instanceof VirtualFlow<?> rows) {
            rows.scrollPixels(step / 200 % 2 == 0 ? PIXELS_A_FRAME : -PIXELS_A_FRAME);
        }
    }

    private void slide(int step) {
        if (stage.getScene().lookup(".middle .margin-slider") instanceof Slider slider) {
            slider.setValue(slider.getMin() + (slider.getMax() - slider.getMin()) * (step % 100) / 100.0);
        }
    }

    /// Down the list and up again.
    private void next(int step) {
        application.openJob().selectNext(step / 200 % 2 == 0 ? 1 : -1);
        PointId selected = application.openJob().now().selected();
        if (application.openJob().now().job().point(selected).isEmpty()) {
            application.openJob().selectNext(-1);
        }
    }

    private final class Timed extends AnimationTimer {
        private final ThreadMXBean threads = ManagementFactory.getThreadMXBean();
        private final Doing doing;
        private final double[] millis = new double[frames];
        private long before;
        private int frame;

        Timed(Doing doing) {
            this.doing = doing;
            doing.begin().run();
        }

        /// A frame costs all that the window's thread does until the next one begins.
        @Override
        public void handle(long now) {
            long busy = threads.getCurrentThreadCpuTime();
            if (frame > WARM_UP) {
                millis[frame - WARM_UP - 1] = (busy - before) / 1e6;
            }
            before = busy;
            if (++frame > WARM_UP + frames) {
                stop();
                print();
                Optional.ofNullable(all.poll()).ifPresentOrElse(next -> new Timed(next).start(), Platform::exit);
                return;
            }
            doing.step().accept(frame);
        }

        private void print() {
            Arrays.sort(millis);
            System.out.printf(
                    "%-32s median %5.1f ms, 95 %% below %5.1f ms, most %5.1f ms%n",
                    doing.name(), millis[frames / 2], millis[frames * 95 / 100], millis[frames - 1]);
        }
    }

    @Override
    public void stop() {
        application.close();
    }
}
