package io.answerback.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.finding.Stop;
import io.answerback.desktop.bus.BusSheet;
import io.answerback.desktop.cable.CableSheet;
import io.answerback.desktop.handover.HandOverBench;
import io.answerback.desktop.handover.HandOverSheets;
import io.answerback.desktop.handover.LogBook;
import io.answerback.desktop.handover.RateBook;
import io.answerback.desktop.live.MessageSession;
import io.answerback.desktop.live.Sending;
import io.answerback.desktop.live.StoredKeys;
import io.answerback.desktop.loop.LoopSheet;
import io.answerback.desktop.paper.PagePrinter;
import io.answerback.desktop.power.PowerSheet;
import io.answerback.desktop.report.ReportBench;
import io.answerback.desktop.report.ReportSheet;
import io.answerback.desktop.setup.SetupSheet;
import io.answerback.desktop.shell.Bench;
import io.answerback.desktop.shell.ChosenFiles;
import io.answerback.desktop.survey.TableImport;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.BenchTools;
import io.answerback.desktop.work.DialogFolder;
import io.answerback.desktop.work.Engineer;
import io.answerback.desktop.work.SurveySheet;
import java.lang.ref.WeakReference;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.layout.Pane;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;

/// What is dropped is let go of: nothing that lives as long as the window holds a sheet that listened to it.
class DroppedSheetsTest extends DemoWindow {
    private static final int TIMES = 12;

    private final List<WeakReference<Object>> dropped = new ArrayList<>();
    private Stage stage;
    private Opened opened;
    private TableImport table;
    private Shelves shelves;

    /// What is put off to another thread is no matter here.
    private Background noCalculations;

    @Start
    void start(Stage shown) throws Exception {
        stage = shown;
        open(shown);
        opened = Opened.read(new Opening.Demo(1), folder);
        table = new TableImport(
                application.openJob(), application.background(), opened.kinds(), Benches.usual(opened.conductors()));
        shelves = Shelves.in(folder, application.background());
        ExecutorService never = new ThreadPoolExecutor(
                1, 1, 0, TimeUnit.SECONDS, new LinkedBlockingQueue<>(), new ThreadPoolExecutor.DiscardPolicy());
        never.shutdown();
        noCalculations = new Background(application.openJob()::tell, never, never, Platform::runLater, Runnable::run);
    }

    @Test
    void everySheetIsCollectedOnceItIsDropped() throws Exception {
        for (int time = 0; time < TIMES; time++) {
            onScreen(this::showAndDropEverySheet);
        }
        assertThat(dropped).hasSizeGreaterThan(TIMES * Stop.values().length);
        // what was shown last may be held by the window's own bookkeeping until something else is shown
        onScreen(() -> application.openJob().go(Stop.PROVE));
        for (int tries = 0; tries < 50 && left() > 0; tries++) {
            System.gc();
            onScreen(() -> {});
        }
        assertThat(left()).isZero();
    }

    private long left() {
        return dropped.stream().filter(reference -> reference.get() != null).count();
    }

    private void showAndDropEverySheet() {
        InstantSource clock = InstantSource.fixed(NOW);
        BenchTools tools = new BenchTools(
                application.openJob(),
                application.look(),
                noCalculations,
                new ChosenFiles(stage, new DialogFolder(Optional::empty, Optional.empty(), chosen -> {})),
                clock);
        Benches benches = new Benches(
                tools,
                opened,
                shelves,
                table,
                new PagePrinter(stage, application.openJob()::tell),
                () -> new Sending(
                        application.practice(),
                        new StoredKeys(folder, noCalculations),
                        new MessageSession(clock, Runnable::run)),
                new Benches.Kept(
                        Engineer.unknown(),
                        new LogBook(application.openJob(), clock, noCalculations, Engineer.unknown()),
                        new RateBook(folder, noCalculations)));
        Map<Stop, Supplier<Bench>> all = benches.byStop();
        for (SurveySheet sheet : SurveySheet.values()) {
            application.openJob().open(sheet);
            showAndDrop(all.get(Stop.SURVEY).get(), () -> {});
        }
        each(LoopSheet.values(), benches.loop(), benches.loop()::open);
        each(CableSheet.values(), benches.cable(), benches.cable()::open);
        each(PowerSheet.values(), benches.power(), benches.power()::open);
        each(BusSheet.values(), benches.bus(), benches.bus()::open);
        each(SetupSheet.values(), benches.setup(), benches.setup()::open);
        ReportBench report = (ReportBench) all.get(Stop.REPORT).get();
        each(ReportSheet.values(), report, report::open);
        showAndDrop(all.get(Stop.PROVE).get(), () -> {});
        HandOverBench handOver = (HandOverBench) all.get(Stop.HAND_OVER).get();
        each(HandOverSheets.values(), handOver, handOver::open);
    }

    private <S> void each(S[] sheets, Bench bench, Consumer<S> open) {
        for (S sheet : sheets) {
            showAndDrop(bench, () -> open.accept(sheet));
        }
    }

    private void showAndDrop(Bench bench, Runnable open) {
        Pane window = (Pane) stage.getScene().getRoot();
        List<Node> nodes = List.of(bench.sheet(), bench.instrument());
        window.getChildren().addAll(nodes);
        open.run();
        bench.show(application.openJob().now());
        window.getChildren().removeAll(nodes);
        dropped.add(new WeakReference<>(bench));
        nodes.forEach(node -> dropped.add(new WeakReference<>(node)));
    }
}
