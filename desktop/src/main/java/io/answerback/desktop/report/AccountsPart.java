package io.answerback.desktop.report;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.edit.ReceiverEdits;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.Job;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.With;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import java.util.List;
import java.util.Optional;

/// The accounts of the areas.
final class AccountsPart {
    private final Actions actions;

    AccountsPart(Actions actions) {
        this.actions = actions;
    }

    Part accounts(Job job) {
        Grid.Filling grid = Grid.filling("table");
        for (Area area : job.areas()) {
            grid.line(
                    area.number(),
                    List.of(
                            Words.figure(Text.of("area %02d", area.number())),
                            Words.of("", area.name()),
                            account(area)));
        }
        Optional<String> first = job.areas().stream()
                .map(Area::account)
                .filter(its -> !its.isEmpty())
                .findFirst();
        Parts all = Parts.column(grid);
        first.filter(any -> job.areas().size() > 1)
                .ifPresent(account -> all.add(Parts.flow(Tool.of(
                                "All areas under " + account,
                                "one account for the whole site",
                                () -> actions.apply(ReceiverEdits.oneAccount(account))))
                        .style("switches")
                        .group()));
        return all.group();
    }

    private With account(Area area) {
        return Value.of(
                        "Account of area " + area.number(),
                        area.account().isEmpty() ? "none" : area.account(),
                        typed -> actions.apply(Edits.account(area.number(), typed)))
                .wide(120);
    }
}
