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
import io.answerback.desktop.communicator.UnitShelf;
import io.answerback.desktop.handover.HandOverBench;
import io.answerback.desktop.handover.HandOverSheets;
import io.answerback.desktop.handover.LogBook;
import io.answerback.desktop.handover.RateBook;
import io.answerback.desktop.live.MessageSession;
import io.answerback.desktop.live.PracticeSession;
import io.answerback.desktop.live.StoredKeys;
import io.answerback.desktop.loop.LoopBench;
import io.answerback.desktop.loop.LoopSheet;
import io.answerback.desktop.power.PowerBench;
import io.answerback.desktop.power.PowerPrint;
import io.answerback.desktop.power.PowerSheet;
import io.answerback.desktop.prove.ProveBench;
import io.answerback.desktop.prove.ProveSheets;
import io.answerback.desktop.report.ReceiverShelf;
import io.answerback.desktop.report.ReportBench;
import io.answerback.desktop.report.ReportSheet;
import io.answerback.desktop.report.SoundOut;
import io.answerback.desktop.setup.SetupBench;
import io.answerback.desktop.setup.SetupPrint;
import io.answerback.desktop.setup.SetupSheet;
import io.answerback.desktop.shell.Bench;
import io.answerback.desktop.shell.SheetPlace;
import io.answerback.desktop.survey.SurveyBench;
import io.answerback.desktop.survey.TableImport;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.Engineer;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.Printing;
import io.answerback.desktop.work.RuleShelf;
import io.answerback.desktop.work.SurveySheet;
import io.answerback.files.DataFiles;
import java.nio.file.Path;
import java.time.InstantSource;
import java.util.ArrayList;
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
    private final Look look;
    private final InstantSource clock;
    private final Supplier<SurveyBench> survey;
    private final Supplier<LoopBench> loop;
    private final Supplier<CableBench> cable;
    private final Supplier<PowerBench> power;
    private final Supplier<BusBench> bus;
    private final Supplier<SetupBench> setup;
    private final Background background;
    private final FileQuestions files;
    private Supplier<ReportBench> report;
    private MadeOnce<ProveBench> prove;
    private MadeOnce<HandOverBench> handOver;

    Benches(
            OpenJob openJob,
            Look look,
            Background background,
            Opened opened,
            InstantSource clock,
            RuleShelf shelf,
            TableImport table,
            CableShelf cables,
            FileQuestions files,
            Printing printing) {
        this.openJob = openJob;
        this.look = look;
        this.clock = clock;
        this.background = background;
        this.files = files;
        Conductor usual = usual(opened.conductors());
        this.survey =
                new MadeOnce<>(() -> new SurveyBench(openJob, look, opened.kinds(), usual, clock, shelf, table, files));
        this.loop = new MadeOnce<>(() -> new LoopBench(openJob, look, opened.conductors(), DataFiles::priors, clock));
        this.cable = new MadeOnce<>(() -> new CableBench(
                openJob,
                look,
                cables,
                usual,
                new PrintPart(openJob, background, files, printing, cables, clock),
                clock));
        FaultPoint faultPoint = FaultPoint.among(opened.kinds(), usual);
        this.power = new MadeOnce<>(() -> new PowerBench(
                openJob,
                look,
                background,
                cables::types,
                clock,
                new PowerPrint(openJob, background, files),
                faultPoint));
        this.bus = new MadeOnce<>(() -> new BusBench(openJob, look, clock));
        this.setup = new MadeOnce<>(() -> new SetupBench(
                openJob, look, background, shelf, new SetupPrint(openJob, background, files), files, clock));
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

    /// The report bench, once the benches are known by their stops.
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

    /// What the report bench chooses from and sends by.
    ///
    /// @param receivers the kinds of receiver
    /// @param units the makes of communicator
    /// @param keys the keys of stations
    /// @param messages mails and texts
    record Reporting(ReceiverShelf receivers, UnitShelf units, StoredKeys keys, MessageSession messages) {}

    Map<Stop, Supplier<Bench>> byStop(PracticeSession practice, ReportTables tables, Reporting reporting, Kept kept) {
        report = new MadeOnce<>(() -> new ReportBench(
                openJob,
                look,
                tables,
                clock,
                practice,
                reporting.receivers(),
                reporting.units(),
                reporting.keys(),
                reporting.messages(),
                new SoundOut(openJob, background, files),
                background,
                files));
        prove = new MadeOnce<>(() ->
                new ProveBench(openJob, look, practice, tables.events(), clock, background, files, kept.engineer()));
        handOver = new MadeOnce<>(() -> new HandOverBench(
                openJob, look, tables.events(), clock, background, files, kept.engineer(), kept.log(), kept.rates()));
        return Map.of(
                Stop.HAND_OVER,
                this::handOver,
                Stop.SURVEY,
                this::survey,
                Stop.CABLE,
                this::cable,
                Stop.POWER,
                this::power,
                Stop.BUS,
                this::bus,
                Stop.SET_UP,
                this::setup,
                Stop.LOOP,
                this::loop,
                Stop.REPORT,
                this::report,
                Stop.PROVE,
                this::prove);
    }
}
