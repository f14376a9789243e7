package io.answerback.desktop.handover;

import io.answerback.core.engine.edit.ServiceEdits;
import io.answerback.core.model.service.PartUsed;
import io.answerback.core.model.site.Job;
import io.answerback.core.work.materials.Material;
import io.answerback.core.work.materials.MaterialGroup;
import io.answerback.core.work.materials.MaterialList;
import io.answerback.core.work.materials.MaterialPaper;
import io.answerback.desktop.part.Check;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Rows;
import io.answerback.desktop.part.Switch;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.With;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.desktop.work.PaperFile;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import io.answerback.files.exchange.TableCsv;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/// What is taken to the site, ticked when it is in the van; what is there already is left out.
final class MaterialsSheet extends PartSheet {
    private static final double NAME_WIDTH = 280;
    private static final double FIGURE_WIDTH = 90;

    private final Actions actions;
    private final Background background;
    private final FileQuestions files;
    private boolean all;

    MaterialsSheet(Actions actions, Background background, FileQuestions files) {
        this.actions = actions;
        this.background = background;
        this.files = files;
    }

    @Override
    public String title() {
        return "What to take";
    }

    @Override
    public String about(WindowState state) {
        List<Material> take = state.assessment().get(MaterialList.FACT).toTake();
        long loaded = take.stream()
                .filter(material -> state.job().service().loaded().contains(material.id()))
                .count();
        return "%d of %d loaded".formatted(loaded, take.size());
    }

    private List<Material> listed(WindowState state) {
        return all
                ? state.assessment().get(MaterialList.FACT).materials()
                : state.assessment().get(MaterialList.FACT).toTake();
    }

    @Override
    public List<Part> middle(WindowState state) {
        List<Part> parts = new ArrayList<>();
        parts.add(Parts.flow(
                        Switch.of(
                                "Listed", List.of(false, true), all, its -> its ? "the whole job" : "to take", its -> {
                                    all = its;
                                    showAgain();
                                }),
                        Tool.of("Print or table", "the list as PDF, SVG or CSV", this::print))
                .style("switches")
                .group());
        List<With> rows = new ArrayList<>();
        MaterialGroup group = null;
        for (Material material : listed(state)) {
            if (material.group() != group) {
                group = material.group();
                rows.add(Words.title(group.title()).keyed(group.name()));
            }
            rows.add(row(state.job(), material).keyed(material.id()));
        }
        if (rows.isEmpty()) {
            rows.add(Words.quiet("Everything is there.").keyed("none"));
        }
        parts.add(new Rows("Materials", rows, -1).growing().asPart());
        return parts;
    }

    private Part row(Job job, Material material) {
        boolean loaded = job.service().loaded().contains(material.id());
        Parts row = Parts.row(
                material.take() > 0
                        ? new Check(
                                        material.what(),
                                        loaded,
                                        on -> actions.apply(ServiceEdits.loaded(material.id(), on)))
                                .wide(NAME_WIDTH)
                        : Words.of("told-name", material.what()).wide(NAME_WIDTH),
                Words.of("code", material.takeWords()).wide(FIGURE_WIDTH),
                Words.wrapped(Words.quiet(words(material))).growing());
        if (loaded && job.service().now().isPresent() && material.group() != MaterialGroup.TOOLS) {
            row.add(Tool.of("Used", material.what() + " on this visit", () -> used(material)));
        }
        return row.style("plan-row", "kept-row").group();
    }

    private static String words(Material material) {
        List<String> words = new ArrayList<>();
        if (!material.packed().isEmpty()) {
            words.add(material.packed());
        }
        if (material.group() != MaterialGroup.TOOLS) {
            words.add(String.format(Locale.ROOT, "%.0f needed, %.0f there", material.needed(), material.there()));
        }
        words.add(material.why());
        return String.join(" · ", words);
    }

    private void used(Material material) {
        actions.apply(ServiceEdits.used(new PartUsed(material.what(), material.take(), material.unit())));
        actions.apply(ServiceEdits.loaded(material.id(), false));
    }

    private void print() {
        List<FileQuestions.Sort> sorts = Stream.of("pdf", "svg", "csv")
                .map(kind -> new FileQuestions.Sort(kind.toUpperCase(Locale.ROOT), "*." + kind))
                .toList();
        files.toWrite("What to take", "what to take.pdf", sorts).ifPresent(this::write);
    }

    private void write(Path file) {
        Job job = actions.now().job();
        List<Material> materials = listed(actions.now());
        background.run(
                () -> {
                    if (file.toString().endsWith(".csv")) {
                        TableCsv.write(file, MaterialPaper.table(job, materials));
                    } else {
                        PaperFile.write(file, measure -> MaterialPaper.of(job, materials, measure));
                    }
                    return file;
                },
                written -> actions.tell("Written: " + written));
    }

    @Override
    public List<Part> beside(WindowState state) {
        return List.of(
                Words.title("Counted from the job"),
                Group.column(
                        List.of(
                                Words.wrapped(
                                        Words.quiet(
                                                "Cable by type with a tenth for waste, and whole reels. Resistors by value with two spares. Two labels a cable, a connector a joint, two screws a device. What a cable that is under its terminals goes to is there already.")))),
                Words.caution(
                        "Before any hole: look for hidden cables and pipes. Eyes and lungs protected while drilling."));
    }
}
