package io.answerback.desktop.shell;

import io.answerback.core.finding.Finding;
import io.answerback.core.site.Edit;
import io.answerback.desktop.drawing.Marks;
import io.answerback.desktop.drawing.RowButton;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.WindowState;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// The findings that belong here: what is wrong, by how much, why it matters, what to do. Each leads to where
/// it is mended.
final class Findings extends VBox {
    private static final double MARK_RADIUS = 5.5;

    private final OpenJob openJob;
    private final Look look;

    Findings(OpenJob openJob, Look look) {
        this.openJob = openJob;
        this.look = look;
        getStyleClass().add("findings");
    }

    void show(WindowState state) {
        Label title = Words.title("Findings here");
        getChildren().setAll(title);
        List<Finding> here = state.findingsHere();
        here.forEach(finding -> getChildren().add(row(finding)));
        if (here.isEmpty()) {
            getChildren().add(Words.wrapped(Words.quiet("Nothing wrong with this point at this stop.")));
        }
        List<Finding> elsewhere = state.assessment().findings().stream()
                .filter(finding -> !here.contains(finding))
                .filter(finding -> finding.grade() != io.answerback.core.finding.Grade.NOTE)
                .toList();
        if (!elsewhere.isEmpty()) {
            getChildren().add(next(elsewhere.getFirst(), elsewhere.size()));
        }
    }

    private Node next(Finding finding, int count) {
        Hyperlink link = new Hyperlink("%d more elsewhere. Worst: %s".formatted(count, finding.headline()));
        Words.wrapped(link);
        link.getStyleClass().add("next-finding");
        link.setOnAction(click -> openJob.follow(finding));
        return link;
    }

    private Node row(Finding finding) {
        VBox words = new VBox(
                Words.wrapped(Words.of("finding-says", finding.says())),
                Words.wrapped(Words.of("finding-why", finding.why())),
                Words.wrapped(Words.of("finding-remedy", finding.remedy())));
        HBox.setHgrow(words, Priority.ALWAYS);
        Node mark = Marks.of(Marks.of(finding.grade()), finding.grade().word(), look.px(MARK_RADIUS));
        String spoken = finding.grade().word() + ": " + finding.says() + ". " + finding.why() + " " + finding.remedy();
        finding.mend().ifPresent(mend -> words.getChildren().add(done(mend)));
        return new RowButton(spoken, () -> openJob.follow(finding), mark, words);
    }

    private Hyperlink done(Edit mend) {
        Hyperlink link = new Hyperlink("Do it: " + mend.name(openJob.now().job()));
        link.getStyleClass().add("next-finding");
        link.setOnAction(click -> openJob.apply(mend));
        return link;
    }
}
