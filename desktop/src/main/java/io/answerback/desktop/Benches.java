package io.answerback.desktop;

import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.profile.Conductor;
import io.answerback.core.report.ReportTables;
import io.answerback.core.survey.capacity.FaultPoint;
import io.answerback.desktop.bus.BusBench;
import io.answerback.desktop.bus.BusSheet;
import io.answerback.desktop.cable.CableBench;
import io.answerback.desktop.cable.CableSheet;
import io.answerback.desktop.cable.CableShelf;
import io.answerback.desktop.cable.PrintPart;
import io.answerback.desktop.handover.HandOverBench;
import io.answerback.desktop.handover.HandOverSheets;
import io.answerback.desktop.handover.LogBook;
import io.answerback.desktop.handover.RateBook;
import io.answerback.desktop.live.Sending;
import io.answerback.desktop.loop.LoopBench;
import io.answerback.desktop.loop.LoopSheet;
import io.answerback.desktop.power.PowerBench;
import io.answerback.desktop.power.PowerSheet;
import io.answerback.desktop.prove.ProveBench;
import io.answerback.desktop.prove.ProveSheets;
import io.answerback.desktop.report.ReportBench;
import io.answerback.desktop.report.ReportSheet;
import io.answerback.desktop.setup.SetupBench;
import io.answerback.desktop.setup.SetupSheet;
import io.answerback.desktop.shell.Bench;
import io.answerback.desktop.shell.SheetPlace;
import io.answerback.desktop.survey.SurveyBench;
import io.answerback.desktop.survey.TableImport;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.BenchTools;
import io.answerback.desktop.work.Engineer;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.Printing;
import io.answerback.desktop.work.SurveySheet;
import io.answerback.files.DataFiles;
import java.nio.file.Path;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;

/// The benches of a window, each made when it is first wanted.
public final class Benches {
    private static final String USUAL_CONDUCTOR = "0.22 mm²";

    private final OpenJob openJob;
    private final Supplier<SurveyBench> survey;
    private final Supplier<LoopBench> loop;
    private final Supplier<CableBench> cable;
    private final Supplier<PowerBench> power;
    private final Supplier<BusBench> bus;
    private final Supplier<SetupBench> setup;
    private final Supplier<ReportBench> report;
    private final Supplier<ProveBench> prove;
    private final Supplier<HandOverBench> handOver;

    /// @param opened what was read for the window
    /// @param shelves what the firm keeps for all its jobs
    /// @param table brings in tables of points
    /// @param printing where paper goes
    /// @param sending asked when the first bench that sends is wanted
    Benches(
            BenchTools tools,
            Opened opened,
            Shelves shelves,
            TableImport table,
            Printing printing,
            Supplier<Sending> sending,
            Kept kept) {
        this.openJob = tools.openJob();
        Conductor usual = usual(opened.conductors());
        ReportTables tables = opened.tables();
        CableShelf cables = shelves.cables();
        this.survey = new MadeOnce<>(() -> new SurveyBench(tools, opened.kinds(), usual, shelves.rules(), table));
        this.loop = new MadeOnce<>(() -> new LoopBench(tools, opened.conductors(), DataFiles::priors));
        this.cable = new MadeOnce<>(() -> new CableBench(tools, cables, usual, new PrintPart(tools, printing, cables)));
        FaultPoint faultPoint = FaultPoint.among(opened.kinds(), usual);
        this.power = new MadeOnce<>(() -> new PowerBench(tools, cables::types, faultPoint));
        this.bus = new MadeOnce<>(() -> new BusBench(tools));
        this.setup = new MadeOnce<>(() -> new SetupBench(tools, shelves.rules()));
        this.report = new MadeOnce<>(
                () -> new ReportBench(tools, tables, sending.get(), shelves.receivers(), shelves.units()));
        this.prove =
                new MadeOnce<>(() -> new ProveBench(tools, sending.get().practice(), tables.events(), kept.engineer()));
        this.handOver = new MadeOnce<>(
                () -> new HandOverBench(tools, tables.events(), kept.engineer(), kept.log(), kept.rates()));
    }

    static Conductor usual(List<Conductor> conductors) {
        return conductors.stream()
                .filter(conductor -> conductor.name().equals(USUAL_CONDUCTOR))
                .findFirst()
                .orElse(conductors.getFirst());
    }

    /// The set-up bench.
    public SetupBench setup() {
        return setup.get();
    }

    /// The bus bench.
    public BusBench bus() {
        return bus.get();
    }

    /// The survey bench.
    public SurveyBench survey() {
        return survey.get();
    }

    /// The loop bench.
    public LoopBench loop() {
        return loop.get();
    }

    /// The cable bench.
    public CableBench cable() {
        return cable.get();
    }

    /// The power bench.
    public PowerBench power() {
        return power.get();
    }

    /// The report bench.
    public ReportBench report() {
        return report.get();
    }

    /// The prove bench.
    public ProveBench prove() {
        return prove.get();
    }

    /// The hand-over bench.
    public HandOverBench handOver() {
        return handOver.get();
    }

    /// Every sheet of every bench, as a place to go to. None of them is made for it.
    public List<SheetPlace> sheets() {
        ResourceBundle words = ResourceBundle.getBundle("io.answerback.desktop.sheets", Locale.ROOT);
        List<SheetPlace> all = new ArrayList<>();
        add(all, words, Stop.SURVEY, SurveySheet.values(), SurveySheet::title, its -> survey().open(its));
        add(all, words, Stop.LOOP, LoopSheet.values(), LoopSheet::title, its -> loop().open(its));
        add(all, words, Stop.CABLE, CableSheet.values(), CableSheet::title, its -> cable().open(its));
        add(all, words, Stop.POWER, PowerSheet.values(), PowerSheet::title, its -> power().open(its));
        add(all, words, Stop.BUS, BusSheet.values(), BusSheet::title, its -> bus().open(its));
        add(all, words, Stop.SET_UP, SetupSheet.values(), SetupSheet::title, its -> setup().open(its));
        add(all, words, Stop.REPORT, ReportSheet.values(), ReportSheet::title, its -> report().open(its));
        add(all, words, Stop.PROVE, ProveSheets.values(), ProveSheets::title, its -> prove().open(its));
        add(
                all,
                words,
                Stop.HAND_OVER,
                HandOverSheets.values(),
                HandOverSheets::title,
                its -> handOver().open(its));
        return all;
    }

    private <S extends Enum<S>> void add(
            List<SheetPlace> all,
            ResourceBundle words,
            Stop stop,
            S[] sheets,
            Function<S, String> title,
            Consumer<S> open) {
        for (S sheet : sheets) {
            all.add(new SheetPlace(
                    title.apply(sheet), stop.title(), words.getString(stop.name() + "." + sheet.name()), () -> {
                        openJob.go(stop);
                        open.accept(sheet);
                    }));
        }
    }

    /// What is kept of the work: everything that was done, and how long it took.
    record Kept(Engineer engineer, LogBook log, RateBook rates) {
        /// All of it, from the folder of the application.
        static Kept in(Engineer engineer, Path folder, OpenJob openJob, InstantSource clock, Background background) {
            return new Kept(
                    engineer, new LogBook(openJob, clock, background, engineer), new RateBook(folder, background));
        }
    }

    /// The bench of each stop.
    Map<Stop, Supplier<Bench>> byStop() {
        Map<Stop, Supplier<Bench>> benches = new EnumMap<>(Stop.class);
        for (Stop stop : Stop.values()) {
            benches.put(stop, of(stop)::get);
        }
        return benches;
    }

    private Supplier<? extends Bench> of(Stop stop) {
        return switch (stop) {
            case SURVEY -> survey;
            case LOOP -> loop;
            case CABLE -> cable;
            case POWER -> power;
            case BUS -> bus;
            case SET_UP -> setup;
            case REPORT -> report;
            case PROVE -> prove;
            case HAND_OVER -> handOver;
        };
    }
}
