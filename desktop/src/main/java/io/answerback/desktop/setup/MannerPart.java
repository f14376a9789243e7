package io.answerback.desktop.setup;

import io.answerback.core.model.profile.SettingCatalogue;
import io.answerback.core.model.site.Job;
import io.answerback.core.setup.Catalogue;
import io.answerback.core.setup.EntryStep;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// How the box is worked at which the next entry is typed: the panel, or the communicator.
final class MannerPart {
    private MannerPart() {}

    static List<Part> of(Job job, Optional<EntryStep> next) {
        String setting = next.map(step -> step.setting().id()).orElse("");
        SettingCatalogue.Manner manner = Catalogue.manner(job, setting);
        List<Part> parts = new ArrayList<>();
        parts.add(Words.title(setting.startsWith(SettingCatalogue.UNIT) ? "At the communicator" : "At the panel"));
        said(parts, "To get in", manner.start());
        said(parts, "To confirm", manner.confirm());
        said(parts, "To skip one", manner.skip());
        said(parts, "To leave", manner.leave());
        return parts;
    }

    private static void said(List<Part> parts, String what, String how) {
        if (!how.isEmpty()) {
            parts.add(Words.wrapped(Words.quiet("%s: %s".formatted(what, how))));
        }
    }
}
