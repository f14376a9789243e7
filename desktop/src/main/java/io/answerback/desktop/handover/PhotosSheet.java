package io.answerback.desktop.handover;

import io.answerback.core.engine.edit.ServiceEdits;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.practice.PracticeQuestion;
import io.answerback.core.model.service.Photograph;
import io.answerback.core.model.site.Point;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Photo;
import io.answerback.desktop.part.Rows;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.With;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import io.answerback.files.record.Photographs;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/// Photographs of boxes, labels and places: scaled, turned upright, and kept beside the job.
final class PhotosSheet extends PartSheet {
    private static final FileQuestions.Sort PICTURES =
            new FileQuestions.Sort("Picture", List.of("*.jpg", "*.jpeg", "*.png", "*.JPG", "*.JPEG", "*.PNG"));
    private static final double WIDEST = 300;

    private final Actions actions;
    private final Background background;
    private final FileQuestions files;
    private String of = "";

    PhotosSheet(Actions actions, Background background, FileQuestions files) {
        this.actions = actions;
        this.background = background;
        this.files = files;
    }

    /// Whether a file's name says that it is a picture.
    static boolean takes(Path file) {
        return file.getFileName().toString().toLowerCase(Locale.ROOT).matches(".*\\.(jpe?g|png)");
    }

    @Override
    public String title() {
        return "Photographs";
    }

    @Override
    public String about(WindowState state) {
        return state.job().service().photographs().size() + " beside the job";
    }

    private String what(WindowState state) {
        return of.isEmpty()
                ? state.job()
                        .point(state.selected())
                        .map(PhotosSheet::name)
                        .orElse(state.job().site().name())
                : of;
    }

    private static String name(Point point) {
        return point.id() + " " + point.name();
    }

    @Override
    public List<Part> middle(WindowState state) {
        List<Part> parts = new ArrayList<>();
        parts.add(Parts.flow(
                        Words.quiet("Shows"),
                        Value.of("What is on the picture", what(state), typed -> {
                            of = typed.strip();
                            showAgain();
                            return true;
                        }),
                        Tool.primary("Add a picture", this::choose),
                        Words.quiet("or drop it on the window"))
                .style("switches")
                .group());
        List<With> rows = new ArrayList<>();
        state.job()
                .service()
                .photographs()
                .reversed()
                .forEach(photograph -> rows.add(row(state, photograph).keyed(photograph.file())));
        if (rows.isEmpty()) {
            rows.add(Words.quiet("No picture was taken in yet.").keyed("none"));
        }
        parts.add(new Rows("Photographs", rows, -1).growing().asPart());
        return parts;
    }

    private Part row(WindowState state, Photograph photograph) {
        String address = state.file()
                .map(file -> Photographs.beside(file).file(photograph).toUri().toString())
                .orElse("");
        List<Part> words = new ArrayList<>();
        words.add(Words.wrapped(Words.of("told-name", photograph.of())));
        words.add(Words.wrapped(Words.quiet(taken(photograph))));
        words.add(Tool.of(
                "Take out",
                "its file stays where it is",
                () -> actions.apply(ServiceEdits.withoutPhotograph(photograph.file()))));
        return Group.row(
                        new Photo("Photograph of " + photograph.of(), address, photograph.file(), WIDEST),
                        Group.column(words).growing())
                .style("plan-row", "kept-row");
    }

    private static String taken(Photograph photograph) {
        String when = photograph
                .takenAt()
                .map(at -> "taken " + at.toString().substring(0, 10))
                .orElse("time not kept");
        return photograph.latitude().isPresent()
                ? String.format(
                        Locale.ROOT,
                        "%s at %.5f, %.5f",
                        when,
                        photograph.latitude().get(),
                        photograph.longitude().orElse(0.0))
                : when;
    }

    private void choose() {
        if (actions.now().file().isEmpty()) {
            actions.tell("Save the job first: photographs are kept beside it.");
            return;
        }
        files.toRead("Photograph", List.of(PICTURES)).ifPresent(this::take);
    }

    /// Takes in a picture that was chosen or dropped.
    void take(Path picture) {
        Optional<Path> job = actions.now().file();
        if (job.isEmpty()) {
            actions.tell("Save the job first: photographs are kept beside it.");
            return;
        }
        String what = what(actions.now());
        boolean keeps =
                actions.now().job().practice().option(PracticeQuestion.PHOTOGRAPHS) == PracticeOption.TIME_AND_PLACE;
        background.run(
                () -> Photographs.beside(job.get()).take(picture, what, keeps),
                photograph -> actions.apply(ServiceEdits.photograph(photograph)));
        of = "";
    }

    @Override
    public List<Part> beside(WindowState state) {
        boolean keeps = state.job().practice().option(PracticeQuestion.PHOTOGRAPHS) == PracticeOption.TIME_AND_PLACE;
        return List.of(
                Words.title("What is kept"),
                Words.wrapped(Words.quiet(
                        keeps
                                ? "The rules keep when and where a picture was taken. The file itself holds nothing but the picture."
                                : "The rules keep the picture only: when and where it was taken is removed.")),
                Words.caution(
                        "Pictures tell much about a site. Take none of codes, keys or people, and follow local law on what may be kept."));
    }
}
